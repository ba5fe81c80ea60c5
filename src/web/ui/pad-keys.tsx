import { chakra } from '@chakra-ui/react';

/** A key of a pad: large enough for wet hands. */
export const PadKey = chakra('button', {
  base: {
    bg: 'sheet',
    borderWidth: '1px',
    borderColor: 'rule',
    borderRadius: '8px',
    fontSize: '2xl',
    fontWeight: 'bold',
    minH: '60px',
    cursor: 'pointer',
    touchAction: 'manipulation',
    _active: { bg: 'tawnyWash' },
  },
});

/** The key that keeps what was typed. */
export const KeepKey = chakra('button', {
  base: {
    bg: 'tawny',
    color: 'onTawny',
    borderRadius: '8px',
    fontSize: 'lg',
    fontWeight: 'bold',
    minH: '60px',
    px: '3',
    cursor: 'pointer',
    touchAction: 'manipulation',
    lineHeight: '1.25',
    _disabled: { bg: 'rule', color: 'soft', cursor: 'default' },
  },
});

/** A word to touch. */
export const Chip = chakra('button', {
  base: {
    bg: 'sheet',
    borderWidth: '1px',
    borderColor: 'strongRule',
    borderRadius: '22px',
    px: '3.5',
    minH: '44px',
    cursor: 'pointer',
    touchAction: 'manipulation',
    '&[aria-pressed=true]': { bg: 'tawnyWash', borderColor: 'tawny', color: 'tawnyDeep', fontWeight: 'bold' },
  },
});
