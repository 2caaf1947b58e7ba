export { partnerAfter, passesUntilPartner, type MixerShift } from './mixer.ts'
