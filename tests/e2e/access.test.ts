import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import { openDemo, settled, choose } from './person'

/**
 * `part`: only what lies in it, such as a dialog in front of a dimmed page. In the dark only the colours are others.
 */
async function findings(page: Page, part = 'body'): Promise<string[]> {
  await settled(page)
  const builder = new AxeBuilder({ page }).include(part)
  const isDark = await page.evaluate(() => matchMedia('(prefers-color-scheme: dark)').matches)
  // What is in front of a page is no page: it has no landmarks and no first heading.
  if (isDark) builder.withRules(['color-contrast'])
  else if (part !== 'body') builder.disableRules(['region', 'page-has-heading-one', 'landmark-one-main'])
  const { violations } = await builder.analyze()
  return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 160)} (${nodes.length})`)
}

const PATHS = [
  '/in-tray',
  '/desk',
  '/recent',
  '/tags',
  '/orders',
  '/find?q=shore',
  '/history',
  '/trash',
  '/settings',
  '/help',
  '/account',
]

for (const [width, height] of [
  [900, 700],
  [390, 844],
] as const) {
  test(`no page has a finding at ${width} points`, async ({ page }) => {
    // Each of the views is looked through as a whole.
    test.setTimeout(180_000)
    await openDemo(page)
    await page.setViewportSize({ width, height })
    const found: Record<string, string[]> = {}
    for (const path of ['/plan/1.1', '/find', ...PATHS]) {
      await page.goto(path)
      found[path] = await findings(page)
    }
    expect(found).toEqual(Object.fromEntries(Object.keys(found).map(view => [view, []])))
  })
}

for (const look of ['light', 'dark'] as const) {
  test(`main views have no finding, ${look}`, async ({ page }) => {
    // Each of the views is looked through as a whole.
    test.setTimeout(180_000)
    await page.emulateMedia({ colorScheme: look })
    await page.goto('/sign-in')
    await expect(page.getByRole('button', { name: 'Open the demo plan' })).toBeVisible()
    const found: Record<string, string[]> = { 'sign-in': await findings(page) }
    await openDemo(page)
    await page.getByRole('treeitem', { name: /Quay office/ }).click()
    await expect(page.getByRole('heading', { level: 1, name: /Quay office/ })).toBeVisible()
    found.plan = await findings(page)
    await page.getByRole('row', { name: /Berth leases/ }).dblclick()
    await expect(page.getByRole('heading', { level: 1, name: /Berth leases/ })).toBeVisible()
    await page.getByRole('button', { name: 'Sheets' }).click()
    await choose(page.getByLabel('Headings'), 'By type')
    await page.locator('.sheet-card img').nth(3).waitFor()
    found.sheets = await findings(page)
    await page.getByRole('button', { name: 'Rows' }).click()
    await page.getByRole('button', { name: 'Columns' }).click()
    await expect(page.getByRole('checkbox', { name: 'Type' })).toBeVisible()
    found.columns = await findings(page, '.v-overlay__content')
    await page.keyboard.press('Escape')
    found['rows under headings'] = await findings(page)
    for (const path of PATHS) {
      await page.goto(path)
      found[path] = await findings(page)
    }
    await page.goto('/draft')
    await page.getByRole('button', { name: 'The plan as it is' }).click()
    await expect(page.getByText('65 folders as they will be')).toBeVisible()
    found.draft = await findings(page)
    await page.getByRole('button', { name: 'Discard' }).click()
    await expect(page.getByRole('heading', { name: 'Draft the plan' })).toBeVisible()
    found['where drafts begin'] = await findings(page)
    await page.goto('/plan')
    await page.locator('footer').getByRole('button', { name: 'Edit…' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
    found['colour key'] = await findings(page, '.v-overlay__content')
    await page.goto('/in-tray')
    await page.getByRole('grid', { name: 'Documents' }).getByRole('row').nth(1).dblclick()
    await expect(page).toHaveURL(/\/document\//)
    found.reader = await findings(page)
    await page.getByRole('button', { name: 'More acts' }).click()
    await expect(page.getByRole('menuitem', { name: 'Rename' })).toBeVisible()
    found['menu of acts'] = await findings(page, '.v-overlay__content')
    await page.keyboard.press('Escape')
    await page.getByRole('button', { name: 'Go to or do' }).click()
    await expect(page.getByRole('combobox', { name: 'Go to or do' })).toBeFocused()
    found['go to or do'] = await findings(page, '.v-overlay--active .v-card')
    expect(found).toEqual(Object.fromEntries(Object.keys(found).map(view => [view, []])))
  })
}
