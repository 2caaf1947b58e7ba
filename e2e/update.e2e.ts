import { createServer, request as ask, type Server as Proxy } from 'node:http'
import type { AddressInfo } from 'node:net'
import { expect, test } from './helpers/dellop.ts'

// The worker that keeps the app is what finds a new version.
test.use({ serviceWorkers: 'allow' })

/** Stands before the server; from `renew` on it has a newer build of the page. */
async function beforeServer(address: string): Promise<{
  readonly proxy: Proxy
  readonly address: string
  readonly renew: () => void
}> {
  let isNew = false
  const changed = (path: string, text: string): string => {
    if (path === '/sw.js')
      return text.replace(
        /(url:"index\.html",revision:")[^"]*|(revision:")[^"]*(",url:"index\.html")/,
        '$1$2newer$3',
      )
    return text.replace('<html ', '<html data-build="newer" ')
  }
  const proxy = createServer((req, res) => {
    const headers = { ...req.headers, 'accept-encoding': 'identity' }
    const isPage = /^\/(?:sw\.js|index\.html)/.test(req.url!)
    // What it has already is another build's.
    if (isPage)
      for (const name of ['if-none-match', 'if-modified-since'] as const) delete headers[name]
    const asked = ask(new URL(req.url!, address), { method: req.method!, headers }, (answer) => {
      if (!isNew || !isPage) {
        res.writeHead(answer.statusCode!, answer.headers)
        return void answer.pipe(res)
      }
      let text = ''
      answer.setEncoding('utf8').on('data', (part: string) => (text += part))
      answer.on('end', () => {
        const { 'content-length': _length, etag: _tag, ...kept } = answer.headers
        res.writeHead(answer.statusCode!, kept)
        res.end(changed(new URL(req.url!, address).pathname, text))
      })
    })
    asked.on('error', () => res.destroy())
    res.on('close', () => asked.destroy())
    req.pipe(asked)
  })
  await new Promise<void>((resolve) => proxy.listen(0, '127.0.0.1', () => resolve()))
  const { port } = proxy.address() as AddressInfo
  return { proxy, address: `http://127.0.0.1:${port}`, renew: () => (isNew = true) }
}

test('a new version is told, never over a call, and comes when it is asked for', async ({
  page,
  server,
}) => {
  const front = await beforeServer(server.address)
  await page.goto(`${front.address}/about`)
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
  await page.goto(`${front.address}/lectern/lanterns-at-the-weir?clock=manual`)
  await expect(page.getByRole('button', { name: 'Start' })).toBeVisible()
  const notice = page.getByRole('alert').filter({ hasText: 'A new version of Dellop is ready' })
  front.renew()
  await page.evaluate(async () => {
    const registration = (await navigator.serviceWorker.getRegistration())!
    await registration.update()
    while (!registration.waiting) await new Promise((resolve) => setTimeout(resolve, 50))
  })
  await expect(page.locator('html')).not.toHaveAttribute('data-build', 'newer')
  await expect(notice).toBeHidden()
  await page.getByRole('link', { name: /^Back to the sheet/ }).click()
  await expect(notice).toBeVisible()
  await expect(page.locator('html')).not.toHaveAttribute('data-build', 'newer')
  await notice.getByRole('button', { name: 'Reload now' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-build', 'newer')
  await expect(page).toHaveURL(/\/sheets\/lanterns-at-the-weir/)
  await expect(page.locator('.block').first()).toBeVisible()
  await expect(notice).toBeHidden()
  front.proxy.closeAllConnections()
  front.proxy.close()
})
