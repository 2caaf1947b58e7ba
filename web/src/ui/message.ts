import { ElButton, ElMessage } from 'element-plus'
import 'element-plus/es/components/button/style/css'
import 'element-plus/es/components/message/style/css'
import { h } from 'vue'

/** Long enough to be read, and with a way back to be answered. */
const READ_MS = 6_000
const ANSWERED_MS = 10_000

/** Tells what was done, over the page, for a while. */
export const tell = (message: string): void =>
  void ElMessage({ message, type: 'info', duration: READ_MS })

export const tellFailure = (message: string): void =>
  void ElMessage({ message, type: 'error', duration: ANSWERED_MS, showClose: true })

/** Tells what is the matter, until it is closed. */
export const tellWarning = (message: string): void =>
  void ElMessage({ message, type: 'warning', duration: 0, showClose: true })

/** Tells what was done, with the way back beside it. */
export function tellUndo(text: string, undoLabel: string, undo: () => void): void {
  const back = (): void => {
    shown.close()
    undo()
  }
  const shown = ElMessage({
    type: 'info',
    duration: ANSWERED_MS,
    showClose: true,
    message: h('span', [`${text} `, h(ElButton, { link: true, onClick: back }, () => undoLabel)]),
  })
}
