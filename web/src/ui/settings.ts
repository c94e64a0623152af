import { useSyncExternalStore } from 'react'

export type Units = 'inches' | 'centimetres'

/** How large pages are shown. */
export type Zoom = 'width' | 'page' | 'actual'

export interface Settings {
  units: Units
  zoom: Zoom
  singleKeys: boolean
  theme: 'system' | 'desk' | 'desk-dark'
  /** In which order the readings of a station come. */
  sorting: 'worst' | 'pages'
  /** Whether the line that explains the strokes is shown. */
  legend: boolean
}

const STORE = 'grintel.settings'
const initial: Settings = {
  units: 'inches',
  zoom: 'width',
  singleKeys: true,
  theme: 'system',
  sorting: 'worst',
  legend: true,
}
const listeners = new Set<() => void>()
let current = load()

function load(): Settings {
  try {
    return { ...initial, ...(JSON.parse(localStorage.getItem(STORE) ?? '{}') as Partial<Settings>) }
  } catch {
    return initial
  }
}

function showTheme({ theme }: Settings) {
  if (theme === 'system') {
    document.documentElement.removeAttribute('data-theme')
  } else {
    document.documentElement.setAttribute('data-theme', theme)
  }
}

showTheme(current)

/** Changes some settings and keeps them on this machine. */
export function changeSettings(change: Partial<Settings>) {
  current = { ...current, ...change }
  localStorage.setItem(STORE, JSON.stringify(current))
  showTheme(current)
  listeners.forEach((listener) => listener())
}

/** The person's settings. */
export function useSettings(): Settings {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => current,
  )
}
