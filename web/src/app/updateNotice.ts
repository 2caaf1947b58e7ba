import { ElButton, ElNotification } from 'element-plus'
import 'element-plus/es/components/notification/style/css'
import { h, watch } from 'vue'
import { words } from '../words/index.ts'
import { takeUpdate, updateWaiting } from './offline.ts'

/**
 * Tells that a new version waits, with a button that takes it; never over a call.
 *
 * @param isLive Whether the view now is one to call or practise from.
 */
export function useUpdateNotice(isLive: () => boolean): void {
  let notice: { readonly close: () => void } | null = null
  watch(
    () => updateWaiting.value && !isLive(),
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
