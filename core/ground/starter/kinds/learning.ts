/** Kinds of thing to learn with, by the category they belong to. See {@link readKinds} for how they are written. */
export const LEARNING_KINDS = `
# Picture books
picture books | stands=row
picture book, story book, storybook, book, childrens book, bedtime book, read aloud book, fairy tale book, big picture book, bedtime story, kids book
big book, lift the flap book, pop up book, giant book | 350x300x15
# First readers
first readers | stands=row
first reader, early reader, reading book, reading scheme book, levelled reader, phonics reader, phonics book, easy reader, reader, decodable book, levelled book, guided reading book
# Chapter books
chapter books | stands=row
chapter book, novel, paperback, paperback novel, story novel, detective novel, hardback novel
# Reference books
reference books | stands=row
dictionary, encyclopedia, reference book, fact book, thesaurus, non fiction book, textbook, cookbook, cookery book, recipe book, guide book, travel guide, bird book, nature book, teacher book, teacher guide, art book, coffee table book, craft book large, encyclopaedia, school book, science book, field guide, parenting book, bible
# Atlases
atlases | stands=row
atlas, map book, world atlas, road atlas
# Comics and magazines
comic, magazine, journal, catalogue, newsletter, brochure, leaflet, gardening magazine
leaflet, flyer, brochure | 210x99x0.5 flat
annual, yearbook, almanac, journal issue, colour supplement | 280x210x12 stands=row
# Audio stories
cd, audio book, audiobook, audio story, story cd, music cd, cassette, disc, story figure for audio box
record, vinyl record, lp | 315x315x4 flat
cassette, audio cassette, tape cassette | 109x70x17
audio box, music box, cd player, radio cassette | 250x200x120 rigid
# Library books on loan
library books on loan | stands=row
library book, borrowed book
# Counting rods
counting rod, number rod, maths rod, number bar, colour rod, rods
# Base-ten blocks
base ten block, place value block, hundred flat, ten rod, unit cube, thousand cube, base ten set, tens rod, base ten
# Counting cubes
counting cube, linking cube, interlocking cube, maths cube
counting bear, counting animal, sorting counter, plastic counter, counting link, bead string counter, maths counter, two colour counter, counting counter, teddy counter | 25x20x20 H2
number shape, number tile, ten frame, number line, hundred square, number card, number fan, hundred board, number square, place value card, times table card | 210x150x3 flat
# Abacus
abacus, counting frame, rekenrek, bead string
# Play money
toy money, play money, plastic coin, play note, toy coin, pretend money, plastic money
# Clocks
clock, teaching clock, wall clock, alarm clock, clock face
alarm clock, kitchen timer | 110x90x60
# Scales and weights
balance, balance scale, kitchen scale, weighing scale, bucket balance, weights, scale, bathroom scale
weight, metal weight | 40x30x30
# Measuring tools
tape measure, measuring jug, trundle wheel, measuring cup, measuring cylinder, height chart, thermometer, measuring tape, measuring spoon
# Fraction sets
fraction set, fraction circle, fraction tile, fraction cake, fraction wall
# Geometry solids
geometric solid, geometry solid, solid shape, 3d shape, pattern block, attribute block, geoboard, tangram, 2d shape, mirror for symmetry, geo board
pattern block, attribute block, tangram, 2d shape, shape tile | 50x45x8 small
geoboard, pin board for rubber bands, geo board | 230x230x20 neat
# Calculators
calculator, pocket calculator, scientific calculator, desk calculator
# Letter cards
letter card, flash card, flashcard, phonics card, alphabet card, sound card, sandpaper letter, word card, phonics flash card, sight word card, reading card, tricky word card, spelling card
# Movable alphabet
magnetic letter, wooden letter, foam letter, movable alphabet, alphabet letter, plastic letter, letter tile, magnetic number, wooden number, letter
# Word games
word game, spelling game, rhyming game, letter game, reading game, phonics game | set
# Exercise books
exercise book, notebook, jotter, note book, writing book, lined pad, writing pad, notepad, copybook, spiral notebook, lined paper pad, journal blank, bullet journal, refill pad, a4 pad, legal pad
lined paper, squared sheet, loose leaf paper, writing paper, file paper | 297x210x0.1 flat
# Workbooks
workbooks | stands=row
workbook, work book, practice book, maths workbook, maths book, handwriting book, activity workbook, phonics workbook, maths textbook
# Handwriting boards
mini whiteboard, whiteboard small, dry wipe board, handwriting board, slate, chalk slate, lap board, drawing board, magnetic drawing board, mini white board, clipboard, clip board
clipboard, clip board | 320x230x12
# Picture cards
picture card, three part card, vocabulary card, story card, sequencing card, nomenclature card, question card, emotion card, animal card, visual timetable card, conversation card, opposite card, 3 part card, three part cards, sequence card
story cube, story dice | 20x20x20 H2
# Easels and boards
easels and boards | stands=single
easel, easel, painting easel, standing easel, childrens easel, art easel | 1200x600x100
table easel, desk easel | 400x300x60
whiteboard, blackboard, chalkboard, pinboard, notice board, cork board, flip chart, noticeboard, magnetic board, felt board, flannel board, cork noticeboard, white board, chalk board, pin board, bulletin board
flip chart stand, flipchart, flip chart easel, flipchart stand | 1900x700x100
pocket chart, hanging pocket chart | 900x80x80 long
# Classroom displays
display letter, bunting for display, classroom border, display border, poster set, timetable board, reward chart, bulletin board border, star chart | 600x400x0.3 flat
pointer, board rubber, blackboard rubber, whiteboard eraser, board eraser | 150x50x45 rigid
bell for class, hand bell, class bell | 150x90x90 rigid
# Magnifiers
magnifier, magnifying glass, bug viewer, hand lens, loupe, bug jar, insect viewer, bug pot, insect net, butterfly net
insect net, butterfly net, fishing net, pond net | 900x250x60
# Magnet sets
magnet set, experiment magnet, magnet kit, bar magnet, horseshoe magnet, magnetic wand, iron filings
# Electric circuits
circuit kit, electronics kit, bulb and wire, electric circuit, crocodile clip, motor kit, circuit board, electricity kit, coding robot, robotics kit, microcontroller, soldering kit
# Microscope
microscope | stands=single
microscope, stereo microscope, digital microscope
microscope slide, box of slides, slide | 76x26x1 neat stands=no
# Experiment glassware
test tube, beaker, flask, pipette, petri dish, funnel, glass beaker, measuring flask, conical flask
test tube, pipette | 150x18x18 long
chemistry set, science kit, experiment kit, experiment set, science set, crystal growing kit | 350x250x80 neat set H5
# Nature collection
fossil, specimen, nature find, bird nest, mineral, rock collection, leaf collection, insect specimen, feather collection, skull
dried leaf, pressed leaf, pressed flower, dried flower, leaf press, flower press, acorn, conker, seed pod, driftwood, bark, butterfly case | 150x120x20
# Garden tools for children
trowel, watering can, child rake, garden glove, garden tool, small spade, seed tray, gardening tool, hand fork
plant pot, flower pot, seed tray, flowerpot | 150x130x130 nesting
houseplant, house plant, pot plant, potted plant, cactus | 300x200x200 stands=single
seed packet, packet of seeds, flower seed, vegetable seed, seeds | 120x80x3 neat
potting compost, compost, bag of compost, soil | 500x350x130 soft
garden hose, hose, hosepipe | 450x450x180 coiled
watering can | 350x150x260
rake, spade, garden fork, broom, hoe, shovel, garden spade | 1200x220x60 long
bug hotel, bird box, bird feeder, bird house | 280x180x180
secateurs, pruner, pruning shears, garden shears, hedge shears, loppers | 210x60x25 H4
wheelbarrow for children, garden fork, dibber, garden twine, plant label, bird feeder, bird house, nest box | 250x150x120
# Globes
globes | stands=single
globe, illuminated globe, world globe
# Maps and charts
map, wall map, wall chart, poster, chart, rolled map, world map, rolled poster, height poster, alphabet poster, educational poster
poster, wall chart, chart, map laminated, laminated map, world map laminated, laminated poster, alphabet poster, educational poster, height chart | 840x594x0.25 flat
rolled map, rolled poster, rolled chart | 900x60x60 long
folded map, road map, hiking map, street map, tourist map | 240x120x10 neat
# Flags and puzzle maps
flag, puzzle map, map puzzle, flag set, continent puzzle, wooden map puzzle | set
table flag, hand flag | 300x180x5 flat
# Binoculars and compasses
binoculars, compass for hiking, field kit, telescope, magnetic compass, hiking compass
telescope | 700x150x150
stopwatch, stop watch, whistle, pedometer, metal detector, monocular, spyglass | 80x60x25
# Pouring and spooning
pouring jug, spooning work, transfer work, tongs, small jug, jug, ladle, small bowl, pouring set, wooden tongs
# Threading and lacing
lacing card, threading card, threading set, lacing bead, lacing shape, threading toy, threading board, lacing board
# Dressing frames
dressing frame, button frame, zip frame, lacing frame, bow frame
# Trays for work
work tray, tray, wooden tray, activity tray, serving tray, baking tray
baking tray, muffin tin, cake tin, mixing bowl, baking tin, roasting tin | 350x270x40 nesting
# Mats for work
work mat, work rug, table mat, floor mat, rolled rug, number mat, place mat
foam floor tile, foam tile, floor tile, play tile, interlocking mat | 600x600x12 neat
place mat, placemat, table mat, drip mat | 400x300x3 flat
floor mat, number mat, alphabet mat, story mat, roll out mat | 1200x1200x5 flat
# Sand timers
sand timer, hourglass, visual timer, egg timer, timer
# Sense training
knobbed cylinder, pink tower, brown stair, cylinder block, colour tablet, sound cylinder, smelling bottle, touch board, sound box, baric tablet, touch tablet
pink tower, brown stair, long rods | 320x250x120
`;
