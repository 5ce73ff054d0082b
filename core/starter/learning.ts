import { family } from './define.ts';

// One entry a line, as a table.
// prettier-ignore
export const LEARNING = [
  family('Books', 'spruce', 'book-open', [
    ['Picture books', 'story books, childrens books, books, read-aloud books', 'neat', [250, 200, 10], 650, 'book-open', 'reading', 8, 'show'],
    ['First readers', 'early readers, reading scheme, easy readers', 'neat', [200, 145, 6], 650, 'book', 'reading', 5, 'show'],
    ['Chapter books', 'novels, story novels, longer books', 'neat', [198, 130, 18], 600, 'book-marked', 'reading', 3],
    ['Reference books', 'encyclopedias, dictionaries, fact books, non-fiction', 'neat', [280, 220, 20], 750, 'library', 'reading', 2],
    ['Atlases', 'atlas, map books', 'neat', [370, 280, 25], 800, 'map', 'reading', 1],
    ['Comics and magazines', 'comics, magazines, journals', 'neat', [280, 210, 4], 800, 'newspaper', 'reading', 2],
    ['Audio stories', 'discs, audio books, cds', 'neat', [142, 125, 10], 450, 'disc-3', 'reading', 2],
    ['Library books on loan', 'library books, borrowed books', 'neat', [250, 200, 15], 650, 'undo-2', 'reading', 3],
  ]),
  family('Numbers', 'slate', 'calculator', [
    ['Counting rods', 'number rods, number bars, maths rods', 'long', [100, 10, 10], 600, 'align-left', 'table work', 3],
    ['Base-ten blocks', 'place value blocks, unit cubes, thousand cube', 'neat', [100, 100, 10], 600, 'box', 'table work', 2, 'H2'],
    ['Counting cubes', 'linking cubes, snap cubes', 'small', [20, 20, 20], 400, 'boxes', 'table work', 3],
    ['Abacus', 'counting frames', 'neat', [250, 200, 50], 200, 'align-justify', 'table work', 1],
    ['Play money', 'coins, toy money', 'small', [25, 25, 3], 900, 'coins', 'table work', 1, 'H2'],
    ['Clocks', 'teaching clocks, clock faces', 'neat', [200, 200, 20], 250, 'clock', 'table work', 1],
    ['Scales and weights', 'balance, weights, weighing', 'rigid', [350, 150, 150], 400, 'scale', 'table work', 1],
    ['Measuring tools', 'tape measures, rulers for maths, measuring jugs', 'rigid', [180, 80, 50], 300, 'ruler', 'table work', 1],
    ['Fraction sets', 'fractions, fraction circles', 'neat', [250, 200, 20], 500, 'pie-chart', 'table work', 1],
    ['Geometry solids', 'solids, shapes, geometric solids', 'rigid', [80, 80, 80], 400, 'cone', 'table work', 1],
    ['Calculators', 'calculator', 'neat', [150, 80, 18], 500, 'calculator', 'table work', 2],
  ]),
  family('Language', 'plum', 'whole-word', [
    ['Letter cards', 'alphabet cards, sandpaper letters, flash cards', 'neat', [150, 105, 2], 800, 'case-sensitive', 'table work', 3],
    ['Movable alphabet', 'wooden letters, magnetic letters, letters', 'small', [40, 30, 6], 400, 'a-large-small', 'table work', 3],
    ['Word games', 'spelling games, rhyming games', 'neat', [220, 160, 45], 350, 'whole-word', 'table work', 2],
    ['Exercise books', 'notebooks, jotters, copybooks', 'neat', [210, 148, 5], 800, 'notebook', 'table work', 5],
    ['Workbooks', 'work books, practice books', 'neat', [297, 210, 8], 800, 'book-copy', 'table work', 4],
    ['Handwriting boards', 'slates, whiteboards small, dry-wipe boards', 'neat', [300, 210, 5], 700, 'presentation', 'table work', 3],
    ['Picture cards', 'three-part cards, vocabulary cards, nomenclature cards', 'neat', [140, 140, 1], 800, 'images', 'table work', 2],
  ]),
  family('Science and world', 'moss', 'globe', [
    ['Magnifiers', 'magnifying glasses, lenses, bug viewers', 'rigid', [160, 80, 30], 200, 'search', 'table work', 2],
    ['Magnet sets', 'magnets, experiment magnets', 'rigid', [200, 150, 40], 600, 'magnet', 'table work', 1, 'H3'],
    ['Electric circuits', 'circuit kit, bulbs and wires, electronics', 'rigid', [150, 80, 40], 350, 'lightbulb', 'table work', 1, 'H3'],
    ['Microscope', 'microscopes, slides', 'rigid', [320, 200, 160], 350, 'microscope', 'table work', 0.5],
    ['Experiment glassware', 'beakers, test tubes, flasks, pipettes', 'rigid', [150, 60, 60], 250, 'flask-conical', 'table work', 1, 'lid'],
    ['Nature collection', 'nature finds, specimens, fossils', 'small', [50, 40, 30], 500, 'leaf', 'table work', 1],
    ['Garden tools for children', 'trowels, watering cans, gardening', 'rigid', [280, 90, 60], 200, 'sprout', 'whole room', 1],
    ['Globes', 'globe', 'rigid', [320, 260, 260], 60, 'globe', 'table work', 1],
    ['Maps and charts', 'maps, wall charts, posters, rolled maps', 'long', [900, 60, 60], 150, 'map', 'table work', 1, 'light'],
    ['Flags and puzzle maps', 'flags, map puzzles', 'neat', [450, 350, 15], 450, 'flag', 'table work', 1],
    ['Binoculars and compasses', 'binoculars, compass, field kit', 'rigid', [130, 110, 60], 400, 'binoculars', 'table work', 1],
  ]),
  family('Practical life', 'oak', 'hand-helping', [
    ['Pouring and spooning', 'jugs, spoons, transfer work, tongs', 'rigid', [120, 80, 80], 250, 'glass-water', 'table work', 3],
    ['Threading and lacing', 'lacing cards, threading', 'rigid', [150, 100, 30], 250, 'spline', 'table work', 3, 'H6'],
    ['Dressing frames', 'button frames, zip frames', 'neat', [320, 310, 25], 250, 'frame', 'table work', 2],
    ['Trays for work', 'work trays, trays', 'nesting', [350, 250, 30], 250, 'inbox', 'table work', 5],
    ['Mats for work', 'work rugs, floor mats, table mats', 'soft', [600, 90, 90], 150, 'rectangle-horizontal', 'table work', 5],
    ['Sand timers', 'timers, hourglass', 'rigid', [160, 60, 60], 250, 'hourglass', 'table work', 2],
  ]),
];
