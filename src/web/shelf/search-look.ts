/** The search line of the shelf, the same before and after its answers are loaded. */
export const searchLook = {
  w: '100%',
  px: '6',
  py: '4',
  fontSize: 'xl',
  bg: 'transparent',
  _focusVisible: { outline: 'none' },
} as const;

export const searchPlaceholder = 'soft ball · gas 5 · cup of flour · chicken · how much cream of tartar';
