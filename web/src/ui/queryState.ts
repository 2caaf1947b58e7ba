import { ref, watch, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** Wishes that change together, as when all are cleared, are one change of the address. */
let pending: Readonly<Record<string, string | undefined>> = {}
let scheduled: Promise<void> | null = null

/**
 * A wish that stands in the address, so that Back, a reload and a link that is sent on keep it. It
 * stands there only where it is not the usual one.
 *
 * @param accepts Whether a text of the address may be taken; any may where it is left out.
 */
export function useQueryState<Text extends string>(
  key: string,
  usual: Text,
  accepts: (text: string) => text is Text = (text): text is Text => text.length <= 200,
): Ref<Text> {
  const route = useRoute()
  const router = useRouter()
  const given = route.query[key]
  const state = ref(typeof given === 'string' && accepts(given) ? given : usual) as Ref<Text>
  const { path } = route
  watch(state, (now) => {
    // Whoever has left the view meanwhile is somewhere else.
    if (router.currentRoute.value.path !== path) return
    pending = { ...pending, [key]: now === usual ? undefined : now }
    scheduled ??= Promise.resolve().then(async () => {
      const query = pending
      pending = {}
      scheduled = null
      await router.replace({ query: { ...router.currentRoute.value.query, ...query } })
    })
  })
  return state
}
