/** Generic containers to start with. Sizes are round everyday ones and prices made up; both are there to be typed over. */
import type { ContainerShape } from '../site/entities.ts';

type Size = [number, number, number];

const box = (name: string, out: Size, inside: Size, price: number, more: Partial<ContainerShape> = {}): ContainerShape => ({
  name, form: 'box', outWidth: out[0], outDepth: out[1], outHeight: out[2], inWidth: inside[0], inDepth: inside[1], inHeight: inside[2],
  seeThrough: false, lid: false, handle: false, stackable: false, mass: Math.round((out[0] * out[1] * out[2]) / 2e7) * 10 + 80, price, pack: 1, material: 'plastic', ...more,
});

export const CATALOGUE: readonly ContainerShape[] = [
  box('Shoebox', [210, 330, 120], [205, 325, 115], 0, { lid: true, stackable: true, material: 'card' }),
  box('Jam jar', [75, 75, 110], [68, 68, 100], 0, { form: 'round', seeThrough: true, lid: true, material: 'glass' }),
  box('Tin can, cleaned', [100, 100, 120], [96, 96, 118], 0, { form: 'round', material: 'metal' }),
  box('Tall tin', [110, 110, 240], [106, 106, 236], 350, { form: 'round', material: 'metal' }),
  box('Clear box, small', [195, 280, 120], [180, 260, 105], 290, { form: 'tapered', seeThrough: true, lid: true, stackable: true, material: 'clear' }),
  box('Clear box, flat', [400, 300, 90], [370, 275, 75], 520, { seeThrough: true, lid: true, stackable: true, material: 'clear' }),
  box('Clear box, medium', [280, 390, 190], [260, 360, 170], 540, { form: 'tapered', seeThrough: true, lid: true, stackable: true, material: 'clear' }),
  box('Clear box, large', [390, 560, 280], [360, 520, 255], 1190, { form: 'tapered', seeThrough: true, lid: true, stackable: true, handle: true, material: 'clear' }),
  box('Open tub, small', [150, 220, 120], [135, 205, 115], 180, { form: 'tapered', handle: true }),
  box('Open tub, medium', [270, 350, 180], [245, 325, 172], 390, { form: 'tapered', handle: true }),
  box('Open tub, large', [320, 360, 300], [295, 335, 290], 690, { form: 'tapered', handle: true }),
  box('Cube basket', [320, 360, 310], [310, 350, 300], 890, { handle: true, material: 'basket' }),
  box('Long basket', [180, 360, 150], [168, 345, 142], 450, { handle: true, material: 'basket' }),
  box('Cloth bag box', [300, 300, 280], [295, 295, 275], 650, { handle: true, material: 'cloth' }),
  box('Paper tray', [250, 340, 70], [240, 330, 60], 420, { stackable: true, material: 'plastic' }),
  box('Large flat tray', [480, 360, 60], [465, 345, 52], 780, { stackable: true, material: 'wood' }),
  box('Drawer tray, narrow', [80, 240, 50], [74, 234, 46], 150, { pack: 4 }),
  box('Drawer tray, square', [160, 160, 50], [154, 154, 46], 190, { pack: 2 }),
  box('Drawer tray, long', [85, 340, 55], [79, 334, 51], 240, { pack: 2 }),
  box('Upright file box', [110, 260, 310], [102, 250, 300], 320, { pack: 2, material: 'card' }),
  box('Book crate', [300, 320, 240], [280, 300, 230], 990, { handle: true, material: 'wood' }),
  box('Tall bucket', [290, 290, 400], [270, 270, 390], 480, { form: 'round', handle: true }),
  box('Roll holder box', [250, 400, 420], [240, 390, 410], 750, { material: 'card' }),
  box('Sorting case, 12 compartments', [280, 200, 45], [272, 192, 38], 460, { seeThrough: true, lid: true, stackable: true, material: 'clear' }),
  box('Locking tool case', [380, 220, 180], [360, 200, 150], 1250, { lid: true, handle: true, stackable: true }),
  box('Extra-large bag box', [550, 400, 380], [540, 390, 370], 1150, { lid: true, handle: true, material: 'cloth' }),
];
