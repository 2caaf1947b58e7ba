import { ElMessageBox } from 'element-plus/es/components/message-box/index'
import 'element-plus/es/components/message-box/style/css'
import type { App } from 'vue'
import { words } from '../words/index.ts'

/** Anything nobody caught: one sentence, and a report that can be copied. Shown once at a time. */
export function reportErrors(app: App): void {
  let showing = false
  const show = async (error: unknown): Promise<void> => {
    console.error(error)
    if (showing) return
    showing = true
    const report = `${location.pathname}\n${navigator.userAgent}\n${error instanceof Error ? error.stack : String(error)}`
    try {
      await ElMessageBox.confirm(words.trouble.unexpected, words.trouble.title, {
        confirmButtonText: words.trouble.copy,
        cancelButtonText: words.trouble.close,
      })
      await navigator.clipboard.writeText(report)
    } catch {
      // Closed without copying.
    } finally {
      showing = false
    }
  }
  app.config.errorHandler = (error) => void show(error)
  window.addEventListener('unhandledrejection', (event) => void show(event.reason))
}
