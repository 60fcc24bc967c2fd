// A component as a browser shows it: with the framework's parts, a store of its own, and an application around it.

import type { VueWrapper } from '@vue/test-utils'
import { enableAutoUnmount, mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, vi } from 'vitest'
import type { Component } from 'vue'
import { nextTick } from 'vue'
import { createVuetify } from 'vuetify'
import * as components from 'vuetify/components'

// The document here has no viewport of its own, which menus look for.
vi.stubGlobal('visualViewport', Object.assign(new EventTarget(), { width: 1280, height: 800, scale: 1 }))
enableAutoUnmount(afterEach)
afterEach(() => {
  document.body.innerHTML = ''
})

/** Mounts the component in the document; slots as text. */
export function mounted(
  component: Component,
  props: Record<string, unknown> = {},
  slots: Record<string, string> = {},
): VueWrapper {
  const pinia = createPinia()
  setActivePinia(pinia)
  const vuetify = createVuetify({ components })
  return mount(component, {
    props,
    slots,
    attachTo: document.body,
    global: { plugins: [pinia, vuetify], stubs: { NuxtLink: { template: '<a><slot /></a>' } } },
  })
}

/** Waits until menus and what hangs on them are drawn. */
export async function drawn(): Promise<void> {
  for (let turn = 0; turn < 4; turn++) await nextTick()
  await new Promise(resolve => setTimeout(resolve, 20))
}
