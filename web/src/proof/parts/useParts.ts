import { useQuery } from '@tanstack/react-query'
import { api, type Schemas } from '../../api/client'
import { examined } from '../../api/work'

export type Block = Schemas['BlockView']
export type PartKind = Schemas['KindView']

/** From this much doubt on, in per cent, a part is one to look at. */
const DOUBTFUL = 45

export const isDoubtful = (block: Block) => block.doubt >= DOUBTFUL

/** What each paragraph of a paper as it stands was taken for. */
export function useParts(id: string, revision: number) {
  return useQuery({
    queryKey: ['parts', id, revision],
    queryFn: () =>
      examined<Schemas['PartsView']>(() => api.GET('/api/papers/{id}/parts', { params: { path: { id } } })),
    placeholderData: (before) => before,
  })
}

/** The blocks in the order asked for: as they stand, or those in doubt first, the most doubtful at the top. */
export function ordered(blocks: Block[], doubtfulFirst: boolean): Block[] {
  if (!doubtfulFirst) {
    return blocks
  }
  const doubtful = blocks.filter(isDoubtful).sort((one, other) => other.doubt - one.doubt)
  return [...doubtful, ...blocks.filter((block) => !isDoubtful(block))]
}

/** What a block is called, its level with it. */
export function nameOf(block: Block): string {
  return block.level > 0 ? `${block.name}, level ${block.level}` : block.name
}
