// npm run shots: the pictures of docs/screenshots, made anew from the demo plan.
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { buildApp } from './lib/build.mjs'
import { checkNode, installPackages } from './lib/install.mjs'
import { ROOT, script } from './lib/run.mjs'
import { withTestServer } from './lib/testServer.mjs'

const log = line => console.log(`· ${line}`)
const folder = join(ROOT, 'docs', 'screenshots')

await script(async () => {
  checkNode()
  await installPackages(log)
  await buildApp({ log })
  mkdirSync(folder, { recursive: true })
  const { chromium } = await import('@playwright/test')
  await withTestServer(log, { demo: true, name: 'shots' }, async ({ address }) => {
    const browser = await chromium.launch({
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
    })
    try {
      await walk(browser, address)
    } finally {
      await browser.close()
    }
  })
})

/** Pages whose text is recognised make no picture wait; what is read at once does. */
async function allRead(page) {
  await page.getByText('waiting to be read').first().waitFor({ state: 'hidden', timeout: 120_000 })
}

async function walk(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  const shot = async name => {
    await page.waitForTimeout(1800)
    await page.screenshot({ path: join(folder, `${name}.png`) })
  }
  await page.goto(address)
  await page.getByRole('button', { name: 'Open the demo plan' }).waitFor()
  await shot('sign-in')
  await page.getByRole('button', { name: 'Open the demo plan' }).click()
  await page.getByRole('treeitem', { name: /Quay office/ }).click()
  await page.getByRole('row', { name: /Berth leases/ }).dblclick()
  await page
    .getByRole('grid', { name: 'Documents' })
    .getByRole('row', { name: /Standard lease terms/ })
    .click()
  await shot('plan')
  await page.keyboard.press('.')
  await page.getByRole('combobox', { name: 'Go to or do' }).pressSequentially('num')
  await shot('go-to')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Numbering…' }).first().click()
  await shot('numbering')
  await page.keyboard.press('Escape')
  await page.goto(`${address}/find?q=shore+power`)
  await page.getByRole('grid', { name: 'Found documents' }).getByRole('row').nth(1).click()
  await page.getByRole('complementary', { name: 'Card' }).getByText(/hits?/).waitFor()
  await shot('find')
  const rule = {
    kind: 'all',
    rules: [
      { kind: 'text', field: 'name', op: 'contains', value: 'berth' },
      {
        kind: 'any',
        rules: [
          { kind: 'type', anyOf: ['pdf', 'writing'] },
          { kind: 'recent', field: 'changed', count: 12, unit: 'month' },
        ],
      },
    ],
  }
  await page.goto(`${address}/find?group=place&rule=${encodeURIComponent(JSON.stringify(rule))}`)
  await page.getByRole('grid', { name: 'Found documents' }).getByRole('row').nth(1).waitFor()
  await shot('find-rules')
  for (const place of ['in-tray', 'desk', 'history']) {
    await page.goto(`${address}/${place}`)
    if (place === 'in-tray') await page.getByRole('button', { name: 'Understood' }).click()
    if (place === 'in-tray') await page.getByRole('row', { name: /Anfrage Sommer/ }).click()
    await allRead(page)
    if (place === 'desk')
      await page
        .getByRole('grid', { name: 'Documents' })
        .getByRole('row')
        .nth(2)
        .click({ position: { x: 120, y: 14 } })
    await shot(place)
  }
  await page.keyboard.press('Escape')
  await page.goto(`${address}/scan`)
  await page.getByRole('button', { name: /Scan pages/ }).click()
  await page.getByRole('button', { name: 'Page 3', exact: true }).waitFor()
  await page.waitForTimeout(2500)
  await shot('scan')
  await page.goto(`${address}/in-tray`)
  await page.getByRole('row', { name: /scan 0042/ }).dblclick()
  await shot('reader')
  await page.goto(`${address}/plan`)
  await page.getByRole('treeitem', { name: /Ropework class/ }).click()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Give…' }).click()
  await page.getByLabel('To whom').fill('harb')
  await page.getByRole('option', { name: /Harbour committee/ }).click()
  await page.getByText(/more than now may/).waitFor()
  await shot('give')
  await page.getByRole('button', { name: 'or make a link…' }).click()
  await page.getByRole('button', { name: 'Make the link' }).click()
  const given = await page.getByLabel('Address of the link').inputValue()
  await page.goto(given)
  await page.getByRole('button', { name: /Handouts/ }).click()
  await page.getByRole('button', { name: /figure of eight/ }).click()
  await shot('given')
  await page.goto(`${address}/plan`)
  await page.getByRole('treeitem', { name: /Suppliers/ }).click()
  const rows = page.getByRole('grid', { name: 'Documents' }).getByRole('row')
  await rows.nth(2).click({ position: { x: 160, y: 14 } })
  await rows.nth(5).click({ position: { x: 160, y: 14 }, modifiers: ['Shift'] })
  await page.keyboard.press('x')
  await page.getByRole('treeitem', { name: /Meetings/ }).click()
  await page.getByRole('heading', { level: 1, name: /Meetings/ }).waitFor()
  await page.keyboard.press('w')
  await page.locator('.cm-content').waitFor()
  await page.keyboard.type('# Agenda of the quay committee\n\n- [ ] the east ladder\ndues for 2027\nsockets at berth 7')
  await shot('memo')
  await page.getByRole('button', { name: 'Let go of everything' }).click()
  await page.goto(`${address}/draft`)
  await page.getByRole('button', { name: 'The plan as it is' }).click()
  await page.locator('.cm-line', { hasText: 'Suppliers' }).click()
  await page.keyboard.press('Alt+ArrowUp')
  await page.keyboard.press('End')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Evening {01..08} [Urgent] -- one page each')
  await shot('draft')
  await page.getByRole('button', { name: 'Discard' }).click()
  await page.goto(`${address}/plan`)
  await page.locator('footer').getByRole('button', { name: 'Edit…' }).click()
  await shot('colour-key')
  await page.keyboard.press('Escape')
  await page.goto(`${address}/plan`)
  await page.getByRole('treeitem', { name: /Berth leases/ }).click()
  await page.getByRole('button', { name: 'Sheets' }).click()
  await page.getByLabel('Headings').click()
  await page.getByRole('option', { name: 'By tag', exact: true }).click()
  await page.locator('.sheet-card img').nth(7).waitFor()
  await page.locator('.sheet-card').nth(1).click()
  await shot('sheets')
  await page.getByLabel('Headings').click()
  await page.getByRole('option', { name: 'No headings', exact: true }).click()
  await page.getByRole('button', { name: 'Rows' }).click()
  await page.goto(`${address}/settings`)
  await shot('settings')
  await page.emulateMedia({ colorScheme: 'dark' })
  await page.goto(`${address}/plan`)
  await page.getByRole('treeitem', { name: /Boathouse repair/ }).click()
  await shot('plan-dark')
}
