import { chakra } from '@chakra-ui/react';

/** The one filled button of a view: what to do next. */
export const MainButton = chakra('button', {
  base: {
    bg: 'tawny',
    color: 'onTawny',
    fontWeight: 'semibold',
    borderRadius: '6px',
    px: '4',
    minH: '44px',
    cursor: 'pointer',
    _hover: { bg: 'tawnyDeep' },
    _disabled: { opacity: 0.6, cursor: 'default' },
  },
});

/** A quieter button beside it. */
export const QuietButton = chakra('button', {
  base: {
    bg: 'raised',
    color: 'ink',
    fontWeight: 'medium',
    borderRadius: '6px',
    borderWidth: '1px',
    borderColor: 'strongRule',
    px: '3.5',
    minH: '40px',
    cursor: 'pointer',
    _hover: { borderColor: 'tawny', color: 'tawnyDeep' },
    _disabled: { opacity: 0.6, cursor: 'default' },
    '&[aria-pressed=true]': { bg: 'tawnyWash', borderColor: 'tawny', color: 'tawnyDeep', fontWeight: 'bold' },
  },
});

/** Words that do something. */
export const WordButton = chakra('button', {
  base: {
    color: 'tawnyDeep',
    fontWeight: 'semibold',
    textDecoration: 'underline',
    textUnderlineOffset: '3px',
    textDecorationThickness: '1px',
    cursor: 'pointer',
    whiteSpace: 'nowrap',
    _hover: { textDecorationThickness: '2px' },
  },
});

/** A small round button that shows only an icon; it needs an aria-label. */
export const IconButton = chakra('button', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    minW: '28px',
    minH: '28px',
    borderRadius: '6px',
    color: 'soft',
    cursor: 'pointer',
    _hover: { bg: 'tawnyWash', color: 'tawnyDeep' },
  },
});
