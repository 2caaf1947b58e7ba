import { ElButton, ElNotification } from 'element-plus'
import 'element-plus/es/components/notification/style/css'
import { h, watch } from 'vue'
import { words } from '../words/index.ts'
import { takeUpdate, updateWaiting } from './offline.ts'

/**
 * Tells that a new version waits, with a button that takes it; never over a call.
 *
 * @param isWhole Whether the view now has the whole screen to itself.
 */
export function useUpdateNotice(isWhole: () => boolean): void {
  let notice: { readonly close: () => void } | null = null
  watch(
    () => updateWaiting.value && !isWhole(),
    (wanted) => {
      notice?.close()
      notice = wanted
        ? ElNotification({
            title: words.app.updateWaiting,
            message: () =>
              h(ElButton, { type: 'primary', onClick: takeUpdate }, () => words.app.update),
            duration: 0,
            position: 'bottom-left',
          })
        : null
    },
    { immediate: true },
  )
}
