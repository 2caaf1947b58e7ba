export { cover, emptyGroup, groupSchema, groupShape, knownFigures, type Group } from './group.ts'
export { upgradeGroup } from './upgrade.ts'
