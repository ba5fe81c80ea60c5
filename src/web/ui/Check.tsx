import { chakra } from '@chakra-ui/react';

/** A box to tick, inside its label. */
export const Check = chakra('input', {
  base: { accentColor: 'var(--chakra-colors-tawny)', w: '18px', h: '18px', flexShrink: 0 },
});
