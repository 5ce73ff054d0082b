import { entity, type RowOfSite } from './entity.ts';

export const MATERIALS = ['clear', 'plastic', 'wood', 'basket', 'card', 'metal', 'cloth', 'glass'] as const;
export const FORMS = ['box', 'tapered', 'round'] as const;

export interface ContainerShape {
  name: string;
  form: (typeof FORMS)[number];
  outWidth: number;
  outDepth: number;
  outHeight: number;
  inWidth: number;
  inDepth: number;
  inHeight: number;
  seeThrough: boolean;
  lid: boolean;
  handle: boolean;
  stackable: boolean;
  /** Places of their own inside, as in a sorting case; 1 for a plain one. */
  compartments: number;
  /** Gives way: a bag, a cloth box. */
  soft: boolean;
  lockable: boolean;
  /** Turns, for corners and deep shelves. */
  turntable: boolean;
  /** Has a tray that is carried to the work. */
  liftOut: boolean;
  /** Grams, empty. */
  mass: number;
  /** Minor units for one pack. */
  price: number;
  /** Pieces in a pack. */
  pack: number;
  material: (typeof MATERIALS)[number];
}

export interface ContainerType extends RowOfSite, ContainerShape {
  /** How many the site owns, in use or not. */
  owned: number;
  /** One sample was tried in its place: whether it fits there; null before. */
  tried: 'fits' | 'does not' | null;
}

export const containerType = entity<ContainerType>()({
  words: { one: 'container', many: 'containers' },
  routes: { create: true, remove: true },
  fields: {
    name: {},
    form: { default: 'box' },
    outWidth: {},
    outDepth: {},
    outHeight: {},
    inWidth: {},
    inDepth: {},
    inHeight: {},
    seeThrough: { default: false },
    lid: { default: false },
    handle: { default: false },
    stackable: { default: false },
    compartments: { default: 1, since: 4 },
    soft: { default: false, since: 4 },
    lockable: { default: false, since: 4 },
    turntable: { default: false, since: 4 },
    liftOut: { default: false, since: 4 },
    mass: { default: 300 },
    price: { default: 0 },
    pack: { default: 1 },
    material: { default: 'plastic' },
    owned: { default: 0 },
    tried: { default: null, since: 7 },
  },
});
