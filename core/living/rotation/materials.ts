/**
 * Materials for learning by hand, as they are called on open shelves: areas, ages in months, and what comes before (practices
 * R1, R2; the ages are our own judgement of when children usually begin and when they are done).
 */
import { stems } from '../../ground/matching/words.ts';

export interface Material {
  /** Other names of the same; the first is the one that `after` goes by. */
  names: readonly string[];
  areas: readonly string[];
  fromMonths: number;
  toMonths: number;
  /** First names of materials that come before it. */
  after: readonly string[];
}

const AREA = {
  n: 'numbers',
  l: 'language',
  s: 'senses',
  p: 'practical life',
  t: 'nature',
  a: 'art',
  o: 'open-ended',
  b: 'baby',
} as const;

/** Areas, ages, names parted by commas, and after `<` what comes before. */
const WRITTEN = `
b 4 14 grasping toy, grasping beads, grasping ring
b 7 16 object permanence box, drop box, ball drop, ball tracker
b 8 24 stacking rings, ring stacker, ring tower, rings on a peg
b 8 24 nesting cups, nesting boxes, stacking cups
b 10 30 shape sorter, posting box, coin box, posting game, coin slot
b 10 26 knobbed puzzle, large peg puzzle, first puzzle
b 6 24 treasure basket, discovery basket, sensory basket
p 24 60 dry pouring, pouring rice, pouring beans, pouring lentils, pouring tray, pouring work
p 30 66 wet pouring, pouring water, water pouring, water transfer < dry pouring
p 24 60 spooning, spooning tray, scooping, ladling, transferring, dry transfer, transfer tray
p 30 66 tongs, tweezers, tonging, tweezing, chopsticks < spooning
p 30 66 sponge transfer, sponging, sponge squeezing, basting, eye dropper, pipette transfer < spooning
p 30 60 open and close, opening and closing, opening bottles, lids and jars, jars and lids, boxes and lids
p 33 72 locks and keys, lock board, padlocks, latch board, busy board
p 30 60 button frame, buttoning frame, buttoning, snap frame, velcro frame, hook and loop frame
p 36 66 zip frame, zipper frame, zipping, buckle frame
p 48 78 bow frame, bow tying, bow tying frame, lacing frame, tying frame, shoe tying < zip frame
p 30 72 threading, bead threading, lacing, lacing cards, stringing beads, bead stringing, lacing beads
p 42 84 sewing, sewing cards, sewing tray, weaving, weaving loom, needlework < threading
p 36 84 nuts and bolts, nuts bolts, screw board, screwdriver board, bolt board
p 24 54 hammering, hammer bench, hammering bench, pounding bench
p 30 66 folding, folding cloths, folding napkins, cloth folding
p 27 66 hand washing, hand washing stand, dish washing, washing up, cloth washing, table washing, table scrubbing
p 30 72 polishing, mirror polishing, shoe polishing, wood polishing, leaf polishing, silver polishing
p 24 66 sweeping, sweeping set, dustpan and brush, crumbing, mopping, dusting
p 30 72 banana cutting, food preparation, fruit cutting, spreading, snack preparation, egg slicing, juicing, orange squeezing, grinding
p 30 72 flower arranging, plant care, plant watering, watering plants
p 30 66 scissors cutting, cutting strips, cutting tray, cutting paper, snipping
p 30 60 clothes pegs, pegging, pegs on a line, clothespin
s 30 60 knobbed cylinders, cylinder blocks, cylinder block
s 42 72 knobless cylinders, coloured cylinders < knobbed cylinders
s 30 60 pink tower, cube tower, tower of cubes
s 33 63 brown stair, broad stair, prism stair < pink tower
s 36 66 red rods, long rods, length rods < brown stair
s 30 54 colour tablets, color tablets, colour box, color box, colour matching, colour sorting
s 54 84 colour grading, colour shades, colour gradation < colour tablets
s 36 66 sound cylinders, sound boxes, sound matching, noise boxes
s 36 66 smelling bottles, smelling jars, smell matching, scent jars
s 36 66 touch boards, touch tablets, rough and smooth, texture boards, sandpaper tablets
s 36 66 fabric matching, fabrics, fabric box, cloth matching, fabric bag
s 36 72 mystery bag, feely bag, stereognostic bag, touch bag
s 42 78 baric tablets, weight tablets, thermic tablets, thermic bottles
s 36 78 geometric solids, geometry solids, solid shapes
s 36 72 geometric cabinet, geometry cabinet, shape cabinet, shape insets
s 42 84 constructive triangles, triangle boxes < geometric cabinet
s 42 84 binomial cube
s 54 96 trinomial cube < binomial cube
s 42 84 bells, tone bells, musical bells, chime bars
l 33 66 three part cards, vocabulary cards, nomenclature cards, classified cards, picture cards, object to picture, language objects, language basket, matching cards
l 33 66 sound games, sound objects, beginning sounds, initial sounds, i spy, alphabet objects, sound basket
l 40 78 rhyming, rhyming objects, rhyming cards, opposites, opposite cards
l 40 78 story sequencing, sequencing cards, sequence cards, sequencing
l 36 66 sandpaper letters, rough letters, textured letters, tactile letters < sound games
l 40 72 metal insets, insets for design, stencils, tracing shapes
l 42 72 tracing board, letter tracing, tracing letters, sand tray, salt tray, writing tray, chalkboard writing < sandpaper letters
l 44 84 movable alphabet, moveable alphabet, letter box, wooden letters, magnetic letters < sandpaper letters
l 50 84 phonetic objects, phonetic reading, word building, word cards, three letter words, cvc words, phonetic cards < movable alphabet
l 58 96 phonogram, phonograms, phonogram cards, digraphs, sight words, puzzle words, tricky words < phonetic objects
l 60 108 grammar, grammar symbols, grammar boxes, noun game, farm words, labelling the farm < phonetic objects
l 54 96 sentence building, reading sentences, sentence cards, first readers < phonetic objects
n 36 66 number rods, numerical rods, counting rods, red and blue rods < red rods
n 36 66 sandpaper numerals, sandpaper numbers, rough numbers, tactile numbers
n 40 72 spindle box, spindles < number rods
n 42 72 cards and counters, numerals and counters, counters, odd and even < spindle box
n 42 78 counting objects, counting tray, counting cards, number cards, counting bears, ten frames, dot cards
n 44 84 short bead stair, bead stair, coloured bead stair, colored bead stair, bead bars < cards and counters
n 48 90 golden beads, decimal beads, place value beads, bank game < cards and counters
n 54 90 teen board, teen boards, teens board < short bead stair
n 56 96 tens board, ten board < teen board
n 58 96 hundred board, hundreds board, hundred chart, number square, hundred square < tens board
n 56 108 bead chains, skip counting chains, hundred chain, thousand chain, bead cabinet < tens board
n 60 108 stamp game < golden beads
n 60 108 addition, addition board, addition strip board, subtraction, subtraction board, snake game < golden beads
n 66 120 multiplication, multiplication board, division board, multiplication bead board < bead chains
n 66 120 bead frame, small bead frame < stamp game
n 66 120 fraction, fractions, fraction circles, fraction insets, fraction tower
n 60 108 clock, learning clock, telling time, time cards
n 60 108 money, coins, coin counting, play shop, money tray
n 42 90 weighing, balance scale, bucket balance, measuring
n 40 84 patterns, pattern cards, pattern blocks, pattern tray, tangram, number puzzle
t 36 84 leaf cabinet, leaf shapes, botany cabinet, leaf matching
t 40 84 botany puzzle, parts of a plant, parts of a flower, zoology puzzle, parts of a fish, parts of a frog, parts of
t 36 84 animal cards, animals of, animal matching, animal tracks, bird cards, insects, insect box
t 42 90 life cycle, life cycles, life cycle of
t 40 84 land and water, land and water forms, island and lake, sandpaper globe, globe
t 42 102 puzzle map, map puzzle, continent map, continents, continent boxes, flags < land and water
t 40 96 sink and float, floating and sinking, magnetic and not, magnets, magnet tray, science tray, experiment tray
t 36 96 nature tray, nature table, shells, rocks, pine cones, seeds, seasons tray, season cards, living and non living
t 60 120 solar system, planets, volcano
a 27 84 painting, watercolour, watercolor, watercolour tray, watercolours, painting tray, finger paint
a 27 84 clay, modelling, dough, playdough, clay tray, modelling tray
a 30 84 collage, gluing, glue work, pasting, sticking, gluing tray
a 24 84 crayons, drawing, chalk drawing, colouring, pastels, stamping, printing
a 36 96 hole punching, paper punching, pin punching, paper folding, origami
`;

export const MATERIALS: readonly Material[] = WRITTEN.trim()
  .split('\n')
  .map((line) => {
    const [told, after = ''] = line.split('<');
    const [, areas, from, to, names] = /^(\S+) (\d+) (\d+) (.+)$/.exec(told!.trim())!;
    const list = (text: string) =>
      text
        .split(',')
        .map((name) => name.trim())
        .filter(Boolean);
    return {
      names: list(names!),
      areas: [...areas!].map((letter) => AREA[letter as keyof typeof AREA]),
      fromMonths: Number(from),
      toMonths: Number(to),
      after: list(after),
    };
  });

const BY_NAME = MATERIALS.flatMap((material) => material.names.map((name) => ({ material, words: stems(name) }))).sort(
  (a, b) => b.words.length - a.words.length || b.words.join().length - a.words.join().length,
);

/** What a material is offered in, and says nothing of what it is. */
const OFFERED = new Set(stems('tray set basket work box activity game mat station table frame board kit'));

/**
 * The material that a line is by its name; null where none is meant. One word alone is a material only where nothing else
 * is said: sewing is, a sewing machine is not.
 * @example materialOf('2 sets of sandpaper letters')?.areas // ['language']
 */
export function materialOf(name: string): Material | null {
  const own = new Set(stems(name));
  const rest = [...own].filter((word) => !OFFERED.has(word));
  return (
    BY_NAME.find(({ words }) => words.every((word) => own.has(word)) && (words.length > 1 || rest.length <= 1))
      ?.material ?? null
  );
}
