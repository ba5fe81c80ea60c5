import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { breakpoints, textStyles, tokens } from './tokens';

const lightDark = (light: string, dark: string) => ({ value: { _light: light, _dark: dark } });

/** Paper, ink and one tawny accent; glass for what was measured, ember for stop, moss for done. */
export const config = defineConfig({
  preflight: true,
  cssVarsPrefix: 'chakra',
  cssVarsRoot: ':where(html, .chakra-theme)',
  globalCss: {
    '*': {
      '--global-font-body': 'fonts.body',
      '--global-font-mono': 'fonts.mono',
      '--global-color-border': 'colors.border',
    },
    html: { fontSize: '16px' },
    body: {
      background: 'paper',
      color: 'ink',
      fontFamily: 'body',
      fontVariantNumeric: 'tabular-nums',
      lineHeight: '1.4',
    },
    '*::placeholder': { color: 'soft', opacity: 1 },
    ':focus-visible': {
      outline: '2px solid',
      outlineColor: 'glass',
      outlineOffset: '2px',
      borderRadius: '3px',
    },
    '*, *::before, *::after': {
      '@media (prefers-reduced-motion: reduce)': {
        animationDuration: '0.01ms !important',
        transitionDuration: '0.01ms !important',
      },
    },
    '[data-pointed]': { background: 'tawnyWash', boxShadow: '0 0 0 4px var(--chakra-colors-tawny-wash)' },
    'input, textarea, select': { color: 'inherit', font: 'inherit' },
  },
  theme: {
    breakpoints,
    tokens,
    textStyles,
    semanticTokens: {
      radii: { l2: { value: '{radii.sm}' }, l3: { value: '{radii.md}' } },
      shadows: {
        lg: lightDark(
          '0 8px 16px rgba(43, 30, 21, 0.12), 0 0 1px rgba(43, 30, 21, 0.3)',
          '0 8px 16px rgba(0, 0, 0, 0.64), 0 0 1px rgba(185, 166, 140, 0.3)',
        ),
      },
      colors: {
        border: { value: '{colors.rule}' },
        'bg.panel': { value: '{colors.raised}' },
        paper: lightDark('#F6EFE2', '#1D1510'),
        sheet: lightDark('#FFFCF5', '#271C15'),
        raised: lightDark('#FFFFFF', '#33261D'),
        ink: lightDark('#2B1E15', '#F4E9DA'),
        soft: lightDark('#67543F', '#C9B59E'),
        rule: lightDark('#E2D5C0', '#4B3B2E'),
        strongRule: lightDark('#B9A68C', '#7A6552'),
        tawny: lightDark('#A9551F', '#E8A05E'),
        tawnyDeep: lightDark('#7E3B12', '#F0B987'),
        tawnyWash: lightDark('#F6E4D2', '#4A2D18'),
        onTawny: lightDark('#FFFCF5', '#1D1510'),
        glass: lightDark('#1C6A73', '#74C6CF'),
        glassWash: lightDark('#DDEDEC', '#17373A'),
        ember: lightDark('#A8321F', '#FF9B84'),
        emberWash: lightDark('#FBE3DC', '#51211A'),
        amber: lightDark('#C98512', '#E9B64A'),
        amberInk: lightDark('#875600', '#F0C66B'),
        moss: lightDark('#4F6F30', '#A8CC82'),
        mossWash: lightDark('#E6EDD8', '#2C3A1E'),
        bench: lightDark('#2B1E15', '#0F0A07'),
        onBench: lightDark('#F6EFE2', '#F4E9DA'),
        onBenchSoft: lightDark('#D5C0A4', '#D5C0A4'),
        onBenchWarm: lightDark('#F0CF86', '#F0CF86'),
      },
    },
  },
});

/** Plain parts only: a station’s page opens no dialog. */
export const stationSystem = createSystem(defaultBaseConfig, config);
