import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, makeFolders, newPerson, openFolder, documentRow, treeRow } from './person'

const waiting = (page: Page, name: string) =>
  page.getByRole('grid', { name: 'Waiting documents' }).getByRole('row', { name: new RegExp(name) })
const LEASE =
  'Berth lease: pontoon 7\n\nThis lease is made on 1 October 2026. The holder pays quarterly dues for the berth.'
const LESSON = 'Lesson: the bowline\n\nLearners tie the bowline with a rope and practise it in pairs.'

async function openTray(page: Page): Promise<void> {
  await page.getByRole('link', { name: /In-tray/ }).click()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible()
}

/** Two folders in each of which a document lies that was read. */
async function filedPlan(page: Page): Promise<void> {
  await newPerson(page)
  await makeFolders(page, ['Leases', 'Lessons'])
  for (const [folder, name, text] of [
    ['Leases', '2026-09-01 Berth lease, pontoon 3', LEASE],
    ['Lessons', 'Evening 1', LESSON],
  ] as const) {
    await openFolder(page, folder)
    await bringIn(page, [{ name: `${name}.txt`, text: `${text}\nOnce more.` }])
    await expect(documentRow(page, name)).toBeVisible()
    await expect(documentRow(page, name)).not.toContainText('read')
  }
}

test('arrivals are named, placed and tagged from the keyboard; undo goes one back', async ({ page }) => {
  await filedPlan(page)
  await openTray(page)
  await bringIn(page, [
    { name: 'scan 0042.txt', text: LEASE },
    { name: 'knots.txt', text: LESSON },
    { name: 'rubbish.txt', text: 'zzz' },
  ])
  await expect(waiting(page, 'rubbish')).toBeVisible()
  await waiting(page, 'scan 0042').click()
  const panel = page.getByRole('form', { name: 'File it' })
  // Little is filed yet: the likeliest place is offered, and chosen by the person.
  await expect(panel.getByRole('radio', { name: /1 Leases/ })).toHaveAttribute('aria-checked', 'false')
  await page.keyboard.press('1')
  await expect(panel.getByRole('radio', { name: /1 Leases/ })).toHaveAttribute('aria-checked', 'true')
  await expect(panel.getByRole('button', { name: /2026-10-01 Berth lease: pontoon 7/ })).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.type('2026-10-01 Berth lease, pontoon 7')
  await page.keyboard.press('Escape')
  await page.keyboard.press('t')
  await page.keyboard.type('signed')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Filed “2026-10-01 Berth lease, pontoon 7” in 1 Leases, tagged “signed”')
  await expect(waiting(page, 'scan 0042')).toHaveCount(0)

  await page.keyboard.press('Control+z')
  await expect(waiting(page, 'scan 0042')).toHaveAttribute('aria-selected', 'true')
  await page.keyboard.press('Control+Shift+z')
  await expect(waiting(page, 'scan 0042')).toHaveCount(0)

  await waiting(page, 'knots').click()
  await expect(panel.getByRole('radio', { name: /2 Lessons/ })).toBeVisible()
  await page.keyboard.press('1')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toContainText('Filed “knots” in 2 Lessons')
  await expect(waiting(page, 'rubbish')).toHaveAttribute('aria-selected', 'true')
  await expect(panel.getByText('No idea')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Choose a place first')
  await page.keyboard.press('Delete')
  await expect(page.getByText('Nothing waits for a place.')).toBeVisible()
})

test('a missing folder is made while filing, in several places at once, each told apart on the card', async ({
  page,
}) => {
  await filedPlan(page)
  await openTray(page)
  await bringIn(page, [{ name: 'policy.txt', text: 'Insurance of the boathouse' }])
  await expect(waiting(page, 'policy')).toBeVisible()
  await page.keyboard.press('m')
  const field = page.getByLabel('Narrow the folders')
  await field.fill('Insurance')
  await page.getByRole('option', { name: /New folder “Insurance” at the top/ }).click()
  await field.press('Shift+Enter')
  await expect(page.getByRole('dialog')).toContainText('3 Insurance')
  await field.fill('leases')
  await field.press('Enter')
  await expect(page.getByRole('radio', { name: /3 Insurance.*home|home.*3 Insurance|3 Insurance/ })).toHaveAttribute(
    'aria-checked',
    'true',
  )
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Filed “policy” in 3 Insurance and 1 Leases')
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await openFolder(page, 'Leases')
  await documentRow(page, 'policy').click()
  await page.getByRole('button', { name: 'Take it out of 1 Leases' }).click()
  await expect(bottomLine(page)).toHaveText('Took “policy” out of 1 Leases; still in 3 Insurance')
  await expect(documentRow(page, 'policy')).toHaveCount(0)
  await openFolder(page, 'Insurance')
  await documentRow(page, 'policy').click()
  await page.getByRole('button', { name: 'Take it out of 3 Insurance' }).click()
  await expect(bottomLine(page)).toHaveText('Took “policy” out of 3 Insurance; it is in the In-tray now')
})

test('moving suggests where else a document could lie', async ({ page }) => {
  await filedPlan(page)
  await openFolder(page, 'Lessons')
  await bringIn(page, [{ name: 'pontoon 9.txt', text: LEASE }])
  await documentRow(page, 'pontoon 9').click()
  await expect(documentRow(page, 'pontoon 9')).not.toContainText('read')
  await page.keyboard.press('m')
  const dialog = page.getByRole('dialog', { name: 'Move to' })
  await expect(dialog.getByRole('option').first()).toContainText(/1 Leases\s*suggested, \d+ %/)
  await dialog.getByRole('option').first().click()
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Moved “pontoon 9” to 1 Leases')
})

test('a dozen are selected and filed together; dragging shows the outline', async ({ page }) => {
  await filedPlan(page)
  await openTray(page)
  await bringIn(
    page,
    Array.from({ length: 12 }, (_, index) => ({ name: `paper ${index + 10}.txt`, text: `${LEASE} ${index}` })),
  )
  await expect(waiting(page, 'paper 21')).toBeVisible()
  await waiting(page, 'paper').first().click()
  await page.keyboard.press('Control+a')
  await expect(page.getByRole('form', { name: 'File it' })).toContainText('12 documents together')
  await expect(page.getByRole('radio', { name: /1 Leases/ })).toBeVisible()
  await page.keyboard.press('1')
  await expect(page.getByRole('radio', { name: /1 Leases/ })).toHaveAttribute('aria-checked', 'true')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Filed 12 documents in 1 Leases')
  await page.keyboard.press('Control+z')
  await expect(waiting(page, 'paper').first()).toBeVisible()
  await waiting(page, 'paper 21').click()
  const from = await waiting(page, 'paper 21').boundingBox()
  if (!from) throw new Error('Nothing to drag.')
  await page.mouse.move(from.x + 100, from.y + 20)
  await page.mouse.down()
  await page.mouse.move(from.x + 130, from.y + 30, { steps: 5 })
  await expect(treeRow(page, 'Lessons')).toBeVisible()
  const to = await treeRow(page, 'Lessons').boundingBox()
  if (!to) throw new Error('Nothing to drop on.')
  await page.mouse.move(to.x + 60, to.y + 14, { steps: 6 })
  await page.mouse.move(to.x + 66, to.y + 15, { steps: 3 })
  await expect(page.getByText('Move “paper 21” to 2 Lessons')).toBeVisible()
  await page.mouse.up()
  await expect(bottomLine(page)).toHaveText('Moved “paper 21” to 2 Lessons')
})

test('mail is fetched with what was attached, and each shows what it came with', async ({ page }) => {
  await newPerson(page)
  await openTray(page)
  await page.getByRole('button', { name: 'Fetch' }).click()
  await page.getByText('simulated: made-up messages').click()
  const rows = page.getByRole('grid', { name: 'Waiting documents' }).getByRole('row')
  await expect(bottomLine(page)).toContainText('2 messages came')
  await expect(rows.nth(1)).toBeVisible()
  await expect(rows.first()).toContainText('Mail from')
})

test('a standing order is tried out, switched on, and deals with what arrives', async ({ page }) => {
  await filedPlan(page)
  await openTray(page)
  await page.getByRole('link', { name: 'Standing orders' }).click()
  await page.getByRole('button', { name: 'New standing order' }).click()
  const form = page.getByRole('form', { name: 'Standing order' })
  await form.getByLabel('Name').fill('Leases')
  await form.getByRole('button', { name: 'Keep and switch on' }).click()
  await expect(form.getByRole('alert')).toContainText('Say which arrivals are meant')
  await form.getByLabel('with the words').fill('berth lease')
  await expect(form.getByRole('status')).toContainText('Would have dealt with 1 of the last 2 arrivals')
  await form.getByRole('button', { name: 'choose a folder…' }).click()
  await page.getByLabel('Narrow the folders').fill('leases')
  await page.keyboard.press('Enter')
  await form.getByLabel('call it').fill('{date} {title}')
  await expect(form.getByRole('listitem').first()).toContainText('→ 2026-09-01 Berth lease: pontoon 7')
  await form.getByRole('button', { name: 'Keep and switch on' }).click()
  await expect(page.getByText('with “berth lease”: files it in 1 Leases')).toBeVisible()
  await page.getByRole('link', { name: 'In-tray' }).first().click()
  await bringIn(page, [{ name: 'scan 7.txt', text: LEASE }])
  await expect(bottomLine(page)).toHaveText(
    'Standing order “Leases”: filed “2026-10-01 Berth lease: pontoon 7” in 1 Leases',
    { timeout: 15_000 },
  )
  await expect(page.getByText('Nothing waits for a place.')).toBeVisible()
})

test('forty documents are in their places within five minutes, with the keyboard only', async ({ page }) => {
  test.setTimeout(360_000)
  await filedPlan(page)
  await openTray(page)
  const papers = Array.from({ length: 40 }, (_, index) => ({
    name: `scan ${String(index + 1).padStart(4, '0')}.txt`,
    text: `${index % 2 === 0 ? LEASE : LESSON}\nNumber ${index}`,
  }))
  await bringIn(page, papers)
  await expect(page.getByText('40 documents waiting for a place')).toBeVisible({ timeout: 30_000 })
  await page.getByRole('button', { name: 'Close' }).last().click()
  const began = Date.now()
  let last = ''
  for (let left = 40; left > 0; left--) {
    // The newest is first: the odd ones are leases.
    await expect(page.getByRole('textbox', { name: 'Name it' })).not.toHaveValue(last)
    last = await page.getByRole('textbox', { name: 'Name it' }).inputValue()
    const isLease = Number(/\d+/.exec(last)?.[0]) % 2 === 1
    const place = page.getByRole('radio', { name: isLease ? /1 Leases/ : /2 Lessons/ })
    await expect(place).toBeVisible()
    if ((await place.getAttribute('aria-checked')) !== 'true')
      await page.keyboard.press(await place.locator('.key').innerText())
    await expect(place).toHaveAttribute('aria-checked', 'true')
    await page.keyboard.press('Enter')
    await expect(
      page.getByText(
        left === 1 ? 'Nothing waits for a place.' : left === 2 ? '1 document waiting' : `${left - 1} documents waiting`,
      ),
    ).toBeVisible()
  }
  expect(Date.now() - began).toBeLessThan(300_000)
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await openFolder(page, 'Leases')
  await expect(page.getByText('21 documents', { exact: false }).first()).toBeVisible()
})

test('three scanned pages become one searchable PDF, which is found by a word in it', async ({ page }) => {
  test.setTimeout(180_000)
  await newPerson(page)
  await openTray(page)
  await page.getByRole('button', { name: 'Fetch' }).click()
  await page.getByText('Scan pages').click()
  await expect(page.getByRole('heading', { name: 'Scan', exact: true })).toBeVisible()
  await page.keyboard.press('p')
  await expect(page.getByRole('list', { name: 'Pages' }).getByRole('listitem')).toHaveCount(3, { timeout: 30_000 })
  await page.getByRole('button', { name: 'Page 3', exact: true }).focus()
  await page.keyboard.press('Alt+ArrowUp')
  await page.getByRole('slider', { name: 'Cut at the top' }).focus()
  await page.keyboard.press('ArrowDown')
  await page.getByLabel('Name').fill('Papers from the scanner')
  await page.getByRole('button', { name: 'Make a searchable PDF' }).click()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible({ timeout: 90_000 })
  await expect(waiting(page, 'Papers from the scanner')).toContainText('Scanner')
  await page.goto('/find?q=2026') // a word on one of the pages of either set
  await expect(
    page.getByRole('grid', { name: 'Found documents' }).getByRole('row', { name: /Papers from the scanner/ }),
  ).toContainText(/(October|March) 2026/)
})
