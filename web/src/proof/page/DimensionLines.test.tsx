import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { DimensionLines } from './DimensionLines'
import type { Dimension } from './strokes'

afterEach(cleanup)

const margin: Dimension = {
  key: 'left',
  kind: 'is',
  x1: 0,
  y1: 100,
  x2: 90,
  y2: 100,
  label: {
    lines: [{ text: '1.25 in', kind: 'is' }],
    x: 45,
    y: 103,
    anchor: 'middle',
    box: { x: 25, y: 95, width: 40, height: 10 },
  },
}

function show(dimensions = [margin]) {
  return render(
    <svg>
      <DimensionLines dimensions={dimensions} size={9} lit={null} onLit={vi.fn()} />
    </svg>,
  ).container
}

describe('a dimension line', () => {
  it('has its label upright, on a ground of its own', () => {
    const container = show()
    expect(screen.getByText('1.25 in').hasAttribute('transform')).toBe(false)
    expect(container.querySelector('rect')?.getAttribute('fill')).toBe('var(--sheet)')
  })

  it('tells what is from what is asked by more than colour', () => {
    const is = show()
    expect(is.querySelectorAll('[stroke-dasharray]')).toHaveLength(0)
    const arrows = is.querySelectorAll('path').length
    cleanup()
    const asked = show([{ ...margin, kind: 'asked' }])
    expect(asked.querySelectorAll('[stroke-dasharray]')).toHaveLength(1)
    expect(asked.querySelectorAll('path').length).toBeLessThan(arrows)
  })

  it('points from outside where its ends are near', () => {
    const gap: Dimension = { ...margin, x1: 60, x2: 60, y1: 100, y2: 108 }
    const paths = [...show([gap]).querySelectorAll('path')].map((path) => path.getAttribute('d'))
    expect(paths.join(' ')).toContain('M60 100v-9')
    expect(paths.join(' ')).toContain('M60 108v9')
  })
})
