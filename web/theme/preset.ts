/** PrimeVue in the look of the drawing: our own tokens over the base of a preset, only for the parts in use. */
import { definePreset } from '@primeuix/themes';
import base from '@primeuix/themes/aura/base';
import dialog from '@primeuix/themes/aura/dialog';
import progressbar from '@primeuix/themes/aura/progressbar';

const spruce = {
  50: '#f0f5f2',
  100: '#dbe7e0',
  200: '#b8cfc4',
  300: '#8fb1a2',
  400: '#5f8c7b',
  500: '#2f5d50',
  600: '#2a5448',
  700: '#234a3f',
  800: '#1c3b32',
  900: '#152c26',
  950: '#0e1f1a',
};
const paper = {
  0: '#fdfaf3',
  50: '#f7f2e8',
  100: '#ece4d3',
  200: '#d5cab4',
  300: '#bdb097',
  400: '#a3977f',
  500: '#5c564b',
  600: '#4c473e',
  700: '#2c2a26',
  800: '#2c2a26',
  900: '#2c2a26',
  950: '#1d1b18',
};

export const preset = definePreset(
  { ...base, components: { dialog, progressbar } },
  {
    primitive: { borderRadius: { none: '0', xs: '2px', sm: '3px', md: '3px', lg: '4px', xl: '4px' } },
    semantic: { primary: spruce, colorScheme: { light: { surface: paper } } },
    components: {
      dialog: {
        root: { borderRadius: '4px', shadow: '0 18px 50px rgb(44 42 38 / 30%)' },
        header: { padding: '18px 20px 8px' },
        content: { padding: '0 20px 20px' },
      },
      progressbar: { root: { height: '10px', borderRadius: '2px' } },
    },
  },
);
