<script setup lang="ts">
import {
  figurePicture,
  handChanges,
  holdAt,
  holdOf,
  isDancedAlike,
  poseAt,
  type DancedFigure,
  type PictureDancer,
  type Pose,
} from '@dellop/core/figure'
import { type FloorPoint } from '@dellop/core/move'
import { computed, ref } from 'vue'
import { words } from '../words/index.ts'
import Labelled from '../ui/Labelled.vue'

/**
 * Everyone from above: bodies, feet with their paths, hands that are joined; seen from either role,
 * or mirrored.
 */
const props = defineProps<{
  danced: DancedFigure
  roles: { lead: string; follow: string }
  hold?: string | null
  tick?: number | null
}>()

const say = words.picture
const seenFrom = ref<'lead' | 'follow' | 'mirrored'>('lead')
const begun = computed(() => props.hold ?? props.danced.figure.entry.holds[0] ?? 'none')
const dancers = computed(() => figurePicture(props.danced, begun.value))
const isAlone = computed(() => isDancedAlike(props.danced.figure))
const hasPartner = computed(() => props.danced.figure.dancers === 'couple')
/** Resting, the picture shows how it begins; while it plays, where everyone is. */
const at = computed(() => props.tick ?? -Infinity)
const poses = computed(() =>
  dancers.value.map((dancer) =>
    props.tick === null || props.tick === undefined ? dancer.poses[0]! : poseAt(dancer, at.value),
  ),
)

/** Strides to units of the drawing. */
const SCALE = 60
/**
 * Ahead of whose eyes it is seen is up; a mirrored picture exchanges left and right, as a teacher
 * facing the class is seen.
 */
const turn = computed(() =>
  seenFrom.value === 'follow'
    ? -(dancers.value.find(({ role }) => role === 'follow')?.poses[0]!.facing ?? 0) * 45
    : 0,
)
const rotated = ({ forward, right }: FloorPoint): { x: number; y: number } => {
  const angle = (turn.value * Math.PI) / 180
  const [x, y] = [right * SCALE, -forward * SCALE]
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  const seen = { x: x * cos - y * sin, y: x * sin + y * cos }
  return seenFrom.value === 'mirrored' ? { x: -seen.x, y: seen.y } : seen
}
const degrees = (facing: number): number =>
  seenFrom.value === 'mirrored' ? -facing * 45 : facing * 45 + turn.value
const moved = (point: FloorPoint, facing: number): string => {
  const { x, y } = rotated(point)
  return `translate(${x.toFixed(1)} ${y.toFixed(1)}) rotate(${degrees(facing).toFixed(1)})`
}

const paths = computed(() =>
  dancers.value.flatMap((dancer, i) =>
    (['left', 'right'] as const).flatMap((foot) => {
      const points = dancer.poses
        .map((pose) => pose[foot])
        .filter(
          (point, k, all) =>
            k === 0 ||
            Math.hypot(point.forward - all[k - 1]!.forward, point.right - all[k - 1]!.right) > 0.01,
        )
      return points.length < 2
        ? []
        : [
            {
              key: `${i}${foot}`,
              foot,
              role: dancer.role,
              d: points
                .map(
                  (point, k) =>
                    `${k === 0 ? 'M' : 'L'}${rotated(point).x.toFixed(1)} ${rotated(point).y.toFixed(1)}`,
                )
                .join(' '),
            },
          ]
    }),
  ),
)
const SHOULDER = 0.3
const shoulder = (pose: Pose, hand: 'left' | 'right'): { x: number; y: number } => {
  const angle = ((pose.facing + (hand === 'left' ? -2 : 2)) * Math.PI) / 4
  return rotated({
    forward: pose.body.forward + SHOULDER * Math.cos(angle),
    right: pose.body.right + SHOULDER * Math.sin(angle),
  })
}
const joined = computed(() => {
  if (!hasPartner.value || poses.value.length !== 2) return []
  const hold = holdAt(handChanges(props.danced, begun.value), begun.value, at.value)
  return (holdOf(hold)?.hands ?? []).map(([lead, follow]) => ({
    key: `${lead}${follow}`,
    a: shoulder(poses.value[0]!, lead),
    b: shoulder(poses.value[1]!, follow),
  }))
})
/** Width of the drawing to its height. */
const WIDE = 1.8
const box = computed(() => {
  const all = dancers.value
    .flatMap(({ poses: own }) => own.flatMap(({ left, right, body }) => [left, right, body]))
    .map(rotated)
  const margin = 46
  const [x0, x1] = [
    Math.min(...all.map(({ x }) => x)) - margin,
    Math.max(...all.map(({ x }) => x)) + margin,
  ]
  const [y0, y1] = [
    Math.min(...all.map(({ y }) => y)) - margin,
    Math.max(...all.map(({ y }) => y)) + margin,
  ]
  const height = Math.max(y1 - y0, (x1 - x0) / WIDE, 160)
  const width = height * WIDE
  return `${(x0 + x1 - width) / 2} ${(y0 + y1 - height) / 2} ${width} ${height}`
})
const letter = ({ role, couple }: PictureDancer): string =>
  role === 'everyone' ? '' : `${props.roles[role][0]!.toUpperCase()}${couple ?? ''}`
/** Behind the back, where no foot and no nose is. */
const letterAt = (pose: Pose): { x: number; y: number } =>
  rotated({
    forward: pose.body.forward - BEHIND * Math.cos((pose.facing * Math.PI) / 4),
    right: pose.body.right - BEHIND * Math.sin((pose.facing * Math.PI) / 4),
  })
const BEHIND = 0.4
const isLight = (pose: Pose, foot: 'left' | 'right'): boolean =>
  pose.weight !== foot && pose.weight !== 'both' && pose.weight !== 'split'
const told = computed(() =>
  dancers.value
    .map((dancer, i) =>
      say.stands(
        dancer.role === 'everyone' ? null : props.roles[dancer.role],
        dancer.couple,
        poses.value[i]!.weight,
      ),
    )
    .join(' '),
)
</script>

<template>
  <figure class="picture">
    <svg :viewBox="box" role="img" :aria-label="say.label + told">
      <path
        v-for="path in paths"
        :key="path.key"
        :d="path.d"
        class="path"
        :class="[path.foot, path.role]"
      />
      <line
        v-for="hand in joined"
        :key="hand.key"
        class="hand"
        :x1="hand.a.x"
        :y1="hand.a.y"
        :x2="hand.b.x"
        :y2="hand.b.y"
      />
      <g v-for="(dancer, i) in dancers" :key="i" :class="dancer.role">
        <g :transform="moved(poses[i]!.body, poses[i]!.facing)">
          <ellipse class="shoulders" rx="24" ry="9" />
          <path class="nose" d="M-5 -9 L0 -22 L5 -9Z" />
        </g>
        <g
          v-for="foot in ['left', 'right'] as const"
          :key="foot"
          :transform="moved(poses[i]![foot], poses[i]!.facing)"
        >
          <path
            class="foot"
            :class="{ hollow: isLight(poses[i]!, foot) }"
            d="M0 -13 C7 -13 7 -3 5 4 C4 11 -4 11 -5 4 C-7 -3 -7 -13 0 -13Z"
          />
        </g>
        <text class="letter" :x="letterAt(poses[i]!).x" :y="letterAt(poses[i]!).y + 4">
          {{ letter(dancer) }}
        </text>
      </g>
    </svg>
    <figcaption>
      <Labelled v-if="!isAlone || danced.figure.dancers === 'solo'" :label="say.seen"
        ><el-select v-model="seenFrom" class="pick"
          ><el-option value="lead" :label="hasPartner ? say.from(roles.lead) : say.plain" />
          <el-option v-if="hasPartner" value="follow" :label="say.from(roles.follow)" />
          <el-option value="mirrored" :label="say.mirrored" /></el-select
      ></Labelled>
      <span class="soft">{{ say.caption }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.picture {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  max-height: 340px;
  background: var(--paper);
  border: 1px solid var(--rule);
  border-radius: 6px;
}
.path {
  fill: none;
  stroke: var(--feet);
  stroke-width: 1.5;
  opacity: 0.8;
}
.path.right {
  stroke-dasharray: 5 4;
}
.follow .foot,
.path.follow {
  stroke: var(--music);
}
.foot {
  fill: var(--feet);
  stroke: var(--feet);
  stroke-width: 1.5;
}
.follow .foot {
  fill: var(--music);
}
.foot.hollow {
  fill: var(--sheet);
}
.shoulders,
.nose {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.5;
  fill-opacity: 0.6;
}
.nose {
  fill: var(--ink);
}
.letter {
  font: 700 12px var(--font-text);
  text-anchor: middle;
  fill: var(--ink);
}
.hand {
  stroke: var(--ink-soft);
  stroke-width: 3;
  stroke-linecap: round;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 0.75rem;
  align-items: center;
  font-size: 0.85rem;
  margin-top: 0.4rem;
}
</style>
