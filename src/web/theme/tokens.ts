/*
 * The steps in which the interface is measured. They stand here, and not in the whole theme of the interface library: its
 * recipes for things this program does not have would be most of the first page.
 */

const values = <V extends string | number>(steps: Record<string, V>): Record<string, { value: V }> =>
  Object.fromEntries(Object.entries(steps).map(([name, value]) => [name, { value }]));

/** Quarters of a rem, halves between them. */
const quarters = [
  0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 20, 24, 28, 32, 36, 40,
];
const spacing = values(Object.fromEntries(quarters.map((step) => [step, `${step / 4}rem`])));

export const tokens = {
  fonts: values({
    heading: "'Bitter Variable', Georgia, serif",
    body: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif",
    mono: 'ui-monospace, monospace',
  }),
  fontSizes: values({
    xs: '0.75rem',
    sm: '0.875rem',
    md: '1rem',
    lg: '1.125rem',
    xl: '1.25rem',
    '2xl': '1.5rem',
    '3xl': '1.875rem',
    '4xl': '2.25rem',
    '5xl': '3rem',
  }),
  fontWeights: values({ normal: '400', medium: '500', semibold: '600', bold: '700' }),
  radii: values({ xs: '2px', sm: '4px', md: '6px', lg: '8px', full: '9999px' }),
  spacing,
  sizes: {
    ...spacing,
    ...values({
      xs: '20rem',
      sm: '24rem',
      md: '28rem',
      lg: '32rem',
      '2xl': '42rem',
      '4xl': '56rem',
      full: '100%',
      max: 'max-content',
      min: 'min-content',
      fit: 'fit-content',
    }),
  },
  zIndex: values({ base: 0, docked: 10, modal: 1400, popover: 1500 }),
  colors: { blackAlpha: { 500: { value: 'rgba(0, 0, 0, 0.36)' } } },
};

const textStyle = (fontSize: string, lineHeight: string) => ({ value: { fontSize, lineHeight } });

export const textStyles = {
  xs: textStyle('0.75rem', '1rem'),
  sm: textStyle('0.875rem', '1.25rem'),
  md: textStyle('1rem', '1.5rem'),
  lg: textStyle('1.125rem', '1.75rem'),
  xl: textStyle('1.25rem', '1.875rem'),
  '2xl': textStyle('1.5rem', '2rem'),
};

export const breakpoints = { sm: '480px', md: '768px', lg: '1024px', xl: '1280px', '2xl': '1536px' };
