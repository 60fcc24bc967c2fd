<script setup lang="ts">
// What is found by the month of its last change, as bars; a span is drawn over them, or set with the arrow keys.
import { brushX } from 'd3-brush'
import { scaleBand, scaleLinear } from 'd3-scale'
import { select } from 'd3-selection'
import { addMonths, format, parseISO } from 'date-fns'
import { computed, onMounted, ref, watch } from 'vue'

const props = defineProps<{
  /** By month, "2026-03". */
  counts: Readonly<Record<string, number>>
  /** The span that is chosen, YYYY-MM-DD; empty: none. */
  from: string
  to: string
}>()
const emit = defineEmits<{ span: [from: string, to: string] }>()

const [WIDTH, HEIGHT] = [206, 46]
const MOST_MONTHS = 240
const host = ref<SVGGElement | null>(null)

const months = computed(() => {
  const known = Object.keys(props.counts).sort()
  const [first, last] = [known[0], known.at(-1)]
  if (first === undefined || last === undefined) return []
  const all: string[] = []
  for (
    let at = first;
    at <= last && all.length < MOST_MONTHS;
    at = format(addMonths(parseISO(`${at}-01`), 1), 'yyyy-MM')
  )
    all.push(at)
  return all
})
const x = computed(() => scaleBand<string>().domain(months.value).range([0, WIDTH]).paddingInner(0.2))
const y = computed(() =>
  scaleLinear()
    .domain([0, Math.max(1, ...Object.values(props.counts))])
    .range([0, HEIGHT - 2]),
)
const bars = computed(() =>
  months.value.map(month => ({
    month,
    count: props.counts[month] ?? 0,
    x: x.value(month) ?? 0,
    height: (props.counts[month] ?? 0) === 0 ? 0 : Math.max(2, y.value(props.counts[month] ?? 0)),
  })),
)
const isIn = (month: string) =>
  (props.from === '' || month >= props.from.slice(0, 7)) && (props.to === '' || month <= props.to.slice(0, 7))

const lastDay = (month: string) => format(addMonths(parseISO(`${month}-01`), 1).getTime() - 1, 'yyyy-MM-dd')
const monthAt = (point: number) =>
  months.value[Math.min(months.value.length - 1, Math.max(0, Math.floor(point / x.value.step())))] ?? ''

const brush = brushX<unknown>()
  .extent([
    [0, 0],
    [WIDTH, HEIGHT],
  ])
  .on('end', (event: { sourceEvent?: unknown; selection: [number, number] | null }) => {
    if (!event.sourceEvent) return // moved by us, not by the person
    if (!event.selection) return emit('span', '', '')
    const [left, right] = event.selection
    emit('span', `${monthAt(left)}-01`, lastDay(monthAt(Math.max(left, right - 1))))
  })

function show(): void {
  if (!host.value) return
  const group = select(host.value)
  const first = months.value.find(isIn)
  const last = months.value.findLast(isIn)
  const none = (props.from === '' && props.to === '') || first === undefined || last === undefined
  group.call(brush.move as never, none ? null : [x.value(first) ?? 0, (x.value(last) ?? 0) + x.value.bandwidth()])
}
onMounted(() => {
  if (host.value) select(host.value).call(brush as never)
  show()
})
watch(() => [props.from, props.to, months.value], show)

/** Without a pointer: arrows move the span by a month, Shift moves its end. */
function press(event: KeyboardEvent): void {
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (event.key === 'Escape' && props.from !== '') emit('span', '', '')
  else if (by !== undefined && months.value.length > 0) {
    const last = months.value.length - 1
    const [first, end] =
      props.from === ''
        ? [last, last]
        : [months.value.indexOf(props.from.slice(0, 7)), months.value.indexOf(props.to.slice(0, 7))]
    const clip = (at: number) => Math.min(last, Math.max(0, at))
    const [a, b] = event.shiftKey ? [first, Math.max(first, clip(end + by))] : [clip(first + by), clip(end + by)]
    emit('span', `${months.value[a]}-01`, lastDay(months.value[b] ?? ''))
  } else return
  event.preventDefault()
  event.stopPropagation()
}

const title = computed(() =>
  months.value.length === 0
    ? 'Nothing is found'
    : `From ${months.value[0]} to ${months.value.at(-1)}, ` +
      `the most in one month ${Math.max(...Object.values(props.counts))}`,
)
</script>

<template>
  <svg
    v-show="months.length > 1"
    class="bars"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT + 14}`"
    role="img"
    tabindex="0"
    :aria-label="title"
    @keydown="press">
    <rect
      v-for="bar in bars"
      :key="bar.month"
      :x="bar.x"
      :y="HEIGHT - bar.height"
      :width="Math.max(1, x.bandwidth())"
      :height="bar.height"
      :class="{ out: !isIn(bar.month) }">
      <title>{{ bar.month }}: {{ bar.count }}</title>
    </rect>
    <line x1="0" :x2="WIDTH" :y1="HEIGHT" :y2="HEIGHT" />
    <text x="0" :y="HEIGHT + 12">{{ months[0] }}</text>
    <text :x="WIDTH" :y="HEIGHT + 12" text-anchor="end">{{ months.at(-1) }}</text>
    <g ref="host" />
  </svg>
</template>

<style scoped>
.bars {
  width: 100%;
  margin-top: 6px;
  display: block;
}
.bars > rect {
  fill: var(--act);
}
.bars > rect.out {
  fill: var(--rule-strong);
}
.bars line {
  stroke: var(--rule-strong);
}
.bars text {
  font-size: 10px;
  fill: var(--ink-3);
}
.bars :deep(.selection) {
  fill: var(--act);
  fill-opacity: 0.14;
  stroke: var(--act);
}
</style>
