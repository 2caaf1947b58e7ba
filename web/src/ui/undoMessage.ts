import { ElButton, ElMessage } from 'element-plus'
import 'element-plus/es/components/message/style/css'
import { h } from 'vue'

/** Long enough to be read and answered. */
const SHOWN_MS = 10_000

/** Tells what was done, with the way back beside it. */
export function tellUndo(text: string, undoLabel: string, undo: () => void): void {
  const shown = ElMessage({
    type: 'info',
    duration: SHOWN_MS,
    showClose: true,
    message: h('span', { class: 'undo-message' }, [
      text,
      ' ',
      h(
        ElButton,
        {
          link: true,
          onClick: () => {
            shown.close()
            undo()
          },
        },
        () => undoLabel,
      ),
    ]),
  })
}
