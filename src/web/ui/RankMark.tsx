import { Box } from '@chakra-ui/react';
import type { Rank } from '../../core/remark';

const looks: Record<Rank, object> = {
  stop: { bg: 'ember', width: '5px' },
  check: {
    width: '5px',
    backgroundImage:
      'repeating-linear-gradient(to bottom, var(--chakra-colors-amber) 0 6px, transparent 6px 9px)',
  },
  note: { bg: 'strongRule', width: '2px', marginLeft: '1px', marginRight: '2px' },
};

/** The bar before a remark: solid, dashed or thin, so that rank is told by shape as well. */
export function RankMark({ rank }: { rank: Rank }) {
  return <Box flexShrink={0} borderRadius="2px" alignSelf="stretch" aria-hidden css={looks[rank]} />;
}

export const rankWords: Record<Rank, string> = { stop: 'Stop.', check: 'Check.', note: 'Note.' };
export const rankColours: Record<Rank, string> = { stop: 'ember', check: 'amberInk', note: 'soft' };
