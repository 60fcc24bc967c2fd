// A person changes the address to sign in with, and deletes the account with everything in it.

import { expect, test } from '@playwright/test'
import { makeFolders, newPerson } from './person'

test('the address is changed, and the account deleted by its password and the name of the plan', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await page.goto('/account')
  const moved = `moved${Date.now()}@test.example`
  const address = page.getByRole('region', { name: 'E-mail address' })
  await address.getByLabel('New e-mail address').fill(moved)
  await address.getByLabel('Your password').fill('not my password')
  await address.getByRole('button', { name: 'Change the address' }).click()
  await expect(address.getByRole('alert')).toContainText('do not belong together')
  await address.getByLabel('Your password').fill('a long enough password')
  await address.getByRole('button', { name: 'Change the address' }).click()
  await expect(page.getByRole('heading', { level: 1, name: moved })).toBeVisible()
  await page.getByRole('button', { name: 'Delete the account…' }).click()
  const sheet = page.getByRole('dialog', { name: 'Delete the account' })
  const sure = sheet.getByRole('button', { name: 'Delete everything' })
  await expect(sheet.getByLabel(/Type the name of the plan/)).toBeFocused() // before, what is typed could land there
  await sheet.getByLabel('Your password').fill('a long enough password')
  await expect(sheet.getByLabel('Your password')).toHaveValue('a long enough password')
  await expect(sure).toBeDisabled()
  await sheet.getByLabel(/Type the name of the plan/).fill('My plan')
  await sure.click()
  await expect(page.getByRole('button', { name: 'Make a new account instead' })).toBeVisible()
  await page.goto('/plan')
  await expect(page.getByLabel('E-mail address')).toBeVisible()
})
