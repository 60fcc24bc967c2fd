import { createHash } from 'node:crypto'
import { mkdirSync, writeFileSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { expect, test } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import {
  bottomLine,
  bringIn,
  makeFolders,
  newPerson,
  openDemo,
  openFolder,
  documentRow,
  treeRow,
  unfold,
} from './person'

test('folders are numbered and ordered as the dialog shows before', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Term'])
  await openFolder(page, 'Term')
  await makeFolders(page, ['Week 10', 'Week 2', 'Week 1'])
  await page.getByRole('button', { name: 'Numbering…' }).first().click()
  const dialog = page.getByRole('dialog')
  await dialog.locator('.v-select', { hasText: 'Order' }).click()
  await page.getByRole('option', { name: /by name/ }).click()
  await dialog.locator('.v-select').first().click()
  await page.getByRole('option', { name: '01, 02, 03' }).click()
  await dialog.getByLabel('Step').fill('10')
  await dialog.getByLabel('First number').fill('10')
  await expect(dialog.getByText('1.10 Week 1', { exact: true })).toBeVisible()
  await dialog.getByRole('button', { name: 'Number them' }).click()
  await expect(dialog).toHaveCount(0)
  await expect(page.getByRole('treeitem')).toHaveText([
    /1\s*Term/,
    /1\.10\s*Week 1/,
    /1\.20\s*Week 2/,
    /1\.30\s*Week 10/,
  ])
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('treeitem').nth(1)).toHaveText(/1\.1\s*Week 10/)
})

test('a colour is taken from the key and inherited, and the key dims all else', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Other'])
  await openFolder(page, 'Office')
  await makeFolders(page, ['Inside'])
  await page.getByRole('button', { name: 'Colour…' }).click()
  await page.locator('.v-list-item', { hasText: 'Urgent' }).click()
  await expect(bottomLine(page)).toHaveText('Gave 1 Office the colour “Urgent”')
  const stripe = treeRow(page, 'Inside').locator('.stripes i.own')
  await expect(stripe).toHaveCSS('background-color', 'rgb(204, 102, 119)')
  await page.locator('footer').getByRole('button', { name: 'Urgent' }).click()
  await expect(treeRow(page, 'Other')).toHaveCSS('opacity', '0.32')
  await page.locator('footer').getByRole('button', { name: 'Urgent' }).click()
  await expect(treeRow(page, 'Other')).toHaveCSS('opacity', '1')
})

test('the outline is walked with the keys, and branches stay as they were left', async ({ page }) => {
  await openDemo(page)
  await page.getByRole('tree').focus()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowRight')
  await expect(treeRow(page, 'Lesson plans')).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: /Lesson plans/ })).toBeVisible()
  await page.reload()
  await expect(treeRow(page, 'Handouts')).toBeVisible()
  await expect(page.getByRole('heading', { level: 1, name: /Lesson plans/ })).toBeVisible()
})

test('crumbs go up and offer siblings; back and forward work', async ({ page }) => {
  await openDemo(page)
  await openFolder(page, 'Quay office')
  await page.getByRole('row', { name: /Safety notices/ }).dblclick()
  await expect(page.getByRole('heading', { level: 1, name: /Safety notices/ })).toBeVisible()
  await page.getByRole('button', { name: 'Folders beside Safety notices' }).click()
  await page.locator('.v-list-item', { hasText: '1.4 Suppliers' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /Suppliers/ })).toBeVisible()
  await page
    .getByRole('navigation', { name: 'Path' })
    .getByRole('button', { name: '1 Quay office', exact: true })
    .click()
  await expect(page.getByRole('heading', { level: 1, name: /Quay office/ })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { level: 1, name: /Suppliers/ })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { level: 1, name: /Safety notices/ })).toBeVisible()
  await page.goForward()
  await expect(page.getByRole('heading', { level: 1, name: /Suppliers/ })).toBeVisible()
})

test('a folder is moved by typing where, and not into itself', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta'])
  await openFolder(page, 'Alpha')
  await makeFolders(page, ['Inner'])
  await page.keyboard.press('m')
  const field = page.getByLabel('Narrow the folders')
  await field.fill('inner')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Not possible')
  await field.fill('2')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Moved “Alpha” to 1 Beta')
  await expect(treeRow(page, 'Inner')).toHaveText(/1\.1\.1\s*Inner/)
})

test('files dropped from the desktop are brought in where they are dropped, and the drop says so', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Target'])
  await openFolder(page, 'Target')
  const dropped = await page.evaluateHandle(() => {
    const transfer = new DataTransfer()
    transfer.items.add(new File(['dropped words'], 'Dropped.txt', { type: 'text/plain' }))
    return transfer
  })
  const area = page.locator('.folder-page')
  await area.dispatchEvent('dragenter', { dataTransfer: dropped, clientX: 600, clientY: 500 })
  await area.dispatchEvent('dragover', { dataTransfer: dropped, clientX: 600, clientY: 500 })
  await expect(page.getByText('Bring the files into 1 Target')).toBeVisible()
  await area.dispatchEvent('drop', { dataTransfer: dropped, clientX: 600, clientY: 500 })
  await expect(documentRow(page, 'Dropped')).toBeVisible()
})

test('a document opens in the reader, and downloads as the very same bytes', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  const text = '# Terms\n\nShore power is **metered**.\n'
  await bringIn(page, [{ name: 'Terms (signed).md', text }])
  await documentRow(page, 'Terms').click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByLabel('Card').getByRole('button', { name: 'Download' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('Terms (signed).md')
  const hash = (bytes: string | Buffer) => createHash('sha256').update(bytes).digest('hex')
  expect(hash(await readFile(await download.path()))).toBe(hash(text))
  await documentRow(page, 'Terms').click()
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/document\//)
  await expect(page.locator('.reader').getByText('metered')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(documentRow(page, 'Terms')).toBeVisible()
})

test('an upload can be stopped, and nothing of it is kept', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  const session = await page.context().newCDPSession(page)
  await session.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: 200_000,
  })
  await page
    .getByLabel('Files to bring in')
    .setInputFiles({ name: 'slow.bin', mimeType: 'application/octet-stream', buffer: Buffer.alloc(4_000_000) })
  await page.getByRole('button', { name: 'Stop slow.bin' }).click()
  await expect(page.getByText('stopped, nothing kept')).toBeVisible()
  await session.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: -1,
  })
  await page.getByRole('button', { name: 'Try slow.bin again' }).click()
  await expect(documentRow(page, 'slow')).toBeVisible()
})

test('an upload goes on by itself after the connection was lost, from where it was', async ({ page }, info) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  // Half a megabyte arrives, then the connection is gone, and comes back.
  const offsets: number[] = []
  await page.route('**/api/uploads/resumable', route =>
    route.continue({ postData: route.request().postDataBuffer()?.subarray(0, 500_000) }),
  )
  await page.route('**/api/uploads/resumable/*', async route => {
    const isPart = route.request().method() === 'PATCH'
    if (isPart) offsets.push(Number(route.request().headers()['upload-offset']))
    await (isPart && offsets.length === 1 ? route.abort('connectionreset') : route.continue())
  })
  // From the disk: bytes handed to the browser with the command take long.
  const long = info.outputPath('long.bin')
  writeFileSync(long, Buffer.alloc(6_000_000, 7))
  await page.getByLabel('Files to bring in').setInputFiles(long)
  await expect(documentRow(page, 'long')).toContainText('6.0 MB')
  expect(offsets).toEqual([500_000, 500_000])
})

test('a desktop folder comes in with its folders as one act, and the same file is known the second time', async ({
  page,
}, info) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  const desktop = info.outputPath('Regatta')
  mkdirSync(join(desktop, 'Lists'), { recursive: true })
  for (const [path, text] of [
    ['programme.txt', 'start at nine'],
    ['Lists/crews.txt', 'Tern and Heron'],
    ['Lists/boats.txt', 'twelve'],
  ] as const)
    writeFileSync(join(desktop, path), text)
  await page.getByLabel('A folder of the desktop to bring in').setInputFiles(desktop)
  await expect(page.getByRole('dialog')).toContainText('3 files in 2 folders')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toContainText('Added 2 folders with 3 documents to 1 Office')
  await unfold(page, 'Office')
  await openFolder(page, 'Regatta')
  await expect(documentRow(page, 'programme')).toBeVisible()
  await bringIn(page, [{ name: 'crews again.txt', text: 'Tern and Heron' }])
  await expect(page.getByRole('dialog')).toContainText('the same file is already in 1.1.1 Lists as “crews.txt”')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Filed “crews” in 1.1 Regatta as well')
  await page.keyboard.press('Control+z')
  await expect(documentRow(page, 'crews')).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(treeRow(page, 'Regatta')).toHaveCount(0)
})

test('on a narrow screen the card and then the outline are drawers', async ({ page }) => {
  await openDemo(page)
  await openFolder(page, 'Quay office')
  await page.setViewportSize({ width: 1000, height: 700 })
  await expect(page.getByLabel('Card')).toHaveCount(0)
  await page.getByRole('button', { name: 'Card', exact: true }).click()
  await expect(page.getByLabel('Card')).toBeVisible()
  await page.getByRole('button', { name: 'Hide card' }).click()
  await page.setViewportSize({ width: 860, height: 700 })
  await expect(page.getByRole('tree')).toHaveCount(0)
  await page.getByRole('button', { name: 'Outline', exact: true }).click()
  await expect(page.getByRole('tree')).toBeVisible()
})

test('signing out ends the session, and the page one wanted comes after signing in', async ({ page, context }) => {
  await openDemo(page)
  const cookies = await context.cookies()
  await page.getByRole('banner').getByRole('button', { name: 'Tern Quay' }).click()
  await page.locator('.v-list-item', { hasText: 'Sign out' }).click()
  await expect(page).toHaveURL(/sign-in/)
  await context.addCookies(cookies)
  await page.goto('/history')
  await expect(page).toHaveURL(/sign-in\?to=/)
  await page.getByRole('button', { name: 'Open the demo plan' }).click()
  await expect(page.getByRole('heading', { name: 'History' })).toBeVisible()
})

test('the contents are printed on A4, every folder within the margins', async ({ page }) => {
  await openDemo(page)
  await page.goto('/contents')
  const lines = page.locator('.contents li')
  await expect(lines.first()).toBeVisible()
  const names = await lines.locator('> span:nth-of-type(2)').allTextContents()
  const pdf = await getDocument({ data: new Uint8Array(await page.pdf({ preferCSSPageSize: true })) }).promise
  const texts: string[] = []
  for (let number = 1; number <= pdf.numPages; number++) {
    const sheet = await pdf.getPage(number)
    expect(sheet.view.slice(2).map(Math.round)).toEqual([595, 842])
    for (const item of (await sheet.getTextContent()).items) {
      if (!('str' in item) || item.str.trim() === '') continue
      texts.push(item.str)
      const left = Number(item.transform[4])
      expect(left).toBeGreaterThan(40)
      expect(left + item.width).toBeLessThan(595 - 40)
    }
  }
  expect(names.length).toBeGreaterThan(50)
  expect(names.filter(name => !texts.join(' ').includes(name))).toEqual([])
})
