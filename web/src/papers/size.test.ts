import { expect, it } from 'vitest'
import { size } from './size'

it('sizes are said in the unit people would take', () => {
  expect(size(0)).toBe('0 bytes')
  expect(size(1024)).toBe('1 kB')
  expect(size(1_700_000)).toBe('1.6 MB')
  expect(size(52_428_800)).toBe('50 MB')
  expect(size(1_073_741_824)).toBe('1 GB')
})
