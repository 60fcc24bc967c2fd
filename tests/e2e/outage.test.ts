import { expect, test } from '@playwright/test'
import { withTestServer } from '../../scripts/lib/testServer.mjs'
import { makeFolders, newPerson, openDemo, treeRow } from './person'

interface Own {
  address: string
  stopDatabase: () => Promise<void>
  startDatabase: () => Promise<void>
}

test('the database goes away and comes back: the page says so, keeps what was typed, and goes on', async ({ page }) => {
  await withTestServer(
    () => {},
    { name: 'e2e-outage' },
    async (own: Own) => {
      await newPerson(page, own.address)
      await makeFolders(page, ['Before'])
      await page.keyboard.press('n')
      const field = page.getByRole('textbox', { name: /Name of the new folder/ })
      await field.fill('Typed while away')
      await own.stopDatabase()
      await expect(page.getByRole('alert').filter({ hasText: 'Hembix does not answer at the moment' })).toBeVisible()
      await page.keyboard.press('Enter')
      await expect(
        page
          .locator('main')
          .getByText(/database does not answer/)
          .first(),
      ).toBeVisible()
      await own.startDatabase()
      await expect(page.getByRole('alert').filter({ hasText: 'Hembix does not answer at the moment' })).toHaveCount(0, {
        timeout: 15_000,
      })
      await expect(field).toHaveValue('Typed while away')
      await field.press('Enter')
      await expect(treeRow(page, 'Typed while away')).toBeVisible()
      await expect(page.getByRole('treeitem')).toHaveCount(2)
    },
  )
})

test('a session that was ended elsewhere leads to the sign-in, and back to the page that was open', async ({
  page,
  context,
}) => {
  await openDemo(page)
  await page.goto('/history')
  await expect(page.getByRole('heading', { name: 'History' })).toBeVisible()
  await context.request.delete('/api/session', { headers: { origin: new URL(page.url()).origin } })
  await page.reload()
  await expect(page).toHaveURL(/sign-in\?to=/)
})
