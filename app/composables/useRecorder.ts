// Sound from the microphone, as a file in an open format that browsers play (Opus in Ogg or WebM).

import { useIntervalFn } from '@vueuse/core'
import { onBeforeUnmount, ref, shallowRef } from 'vue'

const WAYS = [
  { type: 'audio/ogg;codecs=opus', extension: 'ogg' },
  { type: 'audio/webm;codecs=opus', extension: 'weba' },
  { type: 'audio/mp4', extension: 'm4a' },
]
const REFUSED = 'The microphone was not given. Allow it for this page in the browser, then record again.'
const NONE = 'This browser cannot record here. Over a network, browsers do so only for addresses with https.'

export function useRecorder() {
  /** What was recorded; null: nothing yet. */
  const file = shallowRef<File | null>(null)
  const isRecording = ref(false)
  const seconds = ref(0)
  /** Why it could not be recorded. */
  const refused = ref('')
  const clock = useIntervalFn(() => (seconds.value += 1), 1000, { immediate: false })
  let recorder: MediaRecorder | null = null

  async function start(): Promise<void> {
    refused.value = ''
    file.value = null
    seconds.value = 0
    const way = WAYS.find(({ type }) => 'MediaRecorder' in window && MediaRecorder.isTypeSupported(type))
    // Absent where the page came without https.
    const devices = (navigator as { readonly mediaDevices?: MediaDevices }).mediaDevices
    if (!way || !devices) {
      refused.value = NONE
      return
    }
    try {
      record(await devices.getUserMedia({ audio: true }), way)
    } catch {
      refused.value = REFUSED // whatever the browser calls it, it is mended in one way
    }
  }

  function record(stream: MediaStream, { type, extension }: (typeof WAYS)[number]): void {
    const parts: Blob[] = []
    const mine = (recorder = new MediaRecorder(stream, { mimeType: type }))
    mine.addEventListener('dataavailable', ({ data }) => parts.push(data))
    mine.addEventListener('stop', () => {
      for (const track of stream.getTracks()) track.stop()
      if (mine !== recorder) return
      const at = new Date().toLocaleString('sv-SE').slice(0, 16).replace(':', '.')
      file.value = new File(parts, `${at} recording.${extension}`, { type })
    })
    mine.start()
    isRecording.value = true
    clock.resume()
  }

  function stop(): void {
    clock.pause()
    isRecording.value = false
    if (recorder?.state === 'recording') recorder.stop()
  }

  /** Nothing of it is kept. */
  function drop(): void {
    stop()
    recorder = null
    file.value = null
    seconds.value = 0
    refused.value = ''
  }
  onBeforeUnmount(drop)

  return { file, isRecording, seconds, refused, start, stop, drop }
}
