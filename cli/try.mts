import { readFileSync, readdirSync } from 'node:fs'
import { readAbc, tuneOfScore, readSheetText } from '@dellop/core/file'
import { playScore } from '@dellop/core/band'
import { SHIPPED_FIGURES, bookOf, wallClock } from '@dellop/core/figure'
import { countingIds } from '@dellop/core/document'
import { emptyRoutine, comesRoundTo } from '@dellop/core/routine'
import { ROUND_SCHOOL } from '@dellop/core/school'
import { DEFAULT_VOICES } from '@dellop/core/cue'
import { deriveSheet } from '@dellop/core/sheet'
import { findingMessage, findingSum, repairLabel } from '@dellop/core/check'
const [, , file, more] = process.argv
const r = readSheetText(readFileSync(file!,'utf8'), { figures: SHIPPED_FIGURES, base: emptyRoutine('x'), newId: countingIds('n') })
if (!r.ok) { console.log(r.problem.message); process.exit(1) }
const routine = r.value.routine
let tune = null
if (routine.tuneId) { const s:any = readAbc(readFileSync(`/work/main/demo/tunes/${routine.tuneId}.abc`,'utf8')); tune = { ...tuneOfScore(s.value, playScore({...s.value, notes:[], chords:[]},1000), null, countingIds('t')), id: routine.tuneId } }
const sheet = deriveSheet({ routine, book: bookOf(SHIPPED_FIGURES), school: ROUND_SCHOOL, voice: DEFAULT_VOICES[routine.language], tune: tune as any })
const f = (s:any) => `${s.hold} L${s.lead.weight[0]}${s.lead.facing} F${s.follow.weight[0]}${s.follow.facing}`
for (const p of sheet.timeline.passes) { console.log(`# ${p.part.label} ${p.ordinal}/${p.ordinals} @${p.start/24} len ${(p.end-p.start)/24} ${p.tiedAt!==null?'tied '+p.tiedAt!/24:''} ${p.filled?JSON.stringify(p.filled):''}`); if (more) for (const s of p.slots) console.log('   ', s.start/24, s.figure?.name ?? JSON.stringify(s.slot.content), s.lengthTicks/24, f(s.before), '->', f(s.after)) }
console.log('total', sheet.timeline.lengthTicks/24, 'music', sheet.musicEnd!==null? sheet.musicEnd/24:null, 'round:', JSON.stringify(comesRoundTo(routine.start, sheet.timeline.slots.at(-1)!.after)))
for (const x of sheet.findings) console.log(x.severity, x.code, x.at/24, '|', findingMessage(x), '|', findingSum(x), '|', x.repairs.map(repairLabel).join(' / '))
