/**
 * Which meanings are which kind of thing of the library: every noun beneath one of them is such a thing, the nearest above
 * it counting. A row is `kind | word, word2, ?word`: the key of the kind, and words of the vocabulary, with the number of the
 * meaning where it is not the first; behind `?` it is so only perhaps, as what lies beneath differs too much. In the row of
 * `-` is what nobody keeps in a room. Chosen by hand, from what the table of words has.
 */
export const CLASSES = `
measuring-tools | measuring instrument, ruler, tape3, gauge, protractor, measuring cup, level2, square2, caliper, surveying instrument
first-aid-supplies/thermometer | thermometer
clocks | timepiece
keepsakes/watch | watch
binoculars-and-compasses/stopwatch | stopwatch
sand-timers | hourglass, egg timer
scales-and-weights | scale, weight2
magnifiers | magnifier
binoculars-and-compasses | ?navigational instrument, compass, binoculars
binoculars-and-compasses/telescope | telescope
microscope | microscope
stencils-and-rulers/compass | compass2
stencils-and-rulers | ?drafting instrument, stencil
camera-and-lenses | photographic equipment, camera, lens, ?optical device
first-aid-supplies | ?medical instrument, dressing, bandage, splint, ?respirator, ?crutch
experiment-glassware | beaker, test tube, pipet, buret, retort, ?apparatus, vial
computers-and-screens | ?electronic equipment, computer, peripheral, display2, modem, receiver, set2, audio system, amplifier, microphone
computers-and-screens/computer-keyboard | computer keyboard
computers-and-screens/laptop | portable computer
computers-and-screens/monitor | monitor2
computers-and-screens/tv | television receiver
computers-and-screens/radio | radio receiver
computers-and-screens/loudspeaker | loudspeaker
computers-and-screens/computer-mouse | mouse
computers-and-screens/smartphone | cellular telephone
headphones | earphone, headset
memory-sticks-and-discs | memory device, recording2
audio-stories/record | phonograph record
audio-stories/cassette | audiotape
office-machines/telephone | telephone
office-machines/printer | printer
office-machines | duplicator, scanner, recorder, ?office furniture
office-machines/typewriter | typewriter
office-machines/projector | projector2
office-machines/fan | fan
office-machines/vacuum-cleaner | vacuum
office-machines/coffee-machine | ?appliance2, kitchen appliance, coffee maker, food processor
office-machines/kettle | toaster, oven, hot plate, ?heater, dryer, kettle, teakettle, stove2
calculators | calculator
batteries | battery, dry cell
electric-circuits | ?electrical device, ?electronic device, circuit, semiconductor device, ?conductor, electric motor, resistor, capacitor
cables | cord2, cable
extension-leads | extension cord, plug2
light-bulbs | light bulb, fluorescent lamp
torches | flashlight
lamps | source of illumination, lamp, lamp2, lantern
party-supplies/candle | candle
matches-and-lighters | lighter, match, firework, explosive
shakers-and-bells | percussion instrument, bell
drums | drum
chime-bars | marimba, vibraphone, chime, glockenspiel
chime-bars/keyboard | keyboard instrument, synthesizer, harmonium, electric organ
string-instruments | stringed instrument, chordophone
string-instruments/guitar | guitar, lute
recorders-and-flutes | wind instrument, ?whistle2, ?musical instrument
recorders-and-flutes/trumpet | brass, sax
recorders-and-flutes/harmonica | free-reed instrument
chime-bars/music-stand | music stand
song-sheets | sheet music, songbook, score
hand-tools | hand tool, tool, plane3, power tool, drill, vise, clamp, ?lever, axe, saw, grindstone
hand-tools/saw | saw
hand-tools/drill | power drill, electric drill
hand-tools/drill-bit | bit3
hand-tools/ladder | ladder
hand-tools/workbench | workbench
craft-knives | ?cutting implement, ?edge tool, knife, cutter3, scalpel
craft-knives/letter-opener | letter opener
craft-knives/blade-refill | razorblade
sharp-scissors | scissors, shears
garden-tools-for-children/secateurs | secateurs, pruner
nails-and-screws | nail, screw3, bolt4, nut, ?hook2, rivet2, washer, bracket, hasp, turnbuckle
nails-and-screws/hinge | hinge
garden-tools-for-children | garden tool, shovel, rake, hoe, spade2, ?lawn mower, dibble
garden-tools-for-children/watering-can | watering can
garden-tools-for-children/garden-hose | hose3
garden-tools-for-children/plant-pot | flowerpot
garden-tools-for-children/rake | rake
paint-brushes | paintbrush, ?brush
paint-brushes/decorating-brush | paintbrush
rollers-and-sponges | sponge, ?roller3
washing-things | toiletry, hairbrush, comb, toothbrush, soap, dentifrice, floss2, hairdressing, hairpin, hair slide, nailfile, curler, powder, makeup, cosmetic, razor
washing-things/perfume | perfume, mouthwash, nail polish, depilatory, hair spray, hair dye, essential oil, attar
washing-things/hand-cream | cream, lotion, emollient
sun-cream | sunscreen
changing-creams | baby oil, baby powder
cleaning-agents | cleansing agent, detergent, bleaching agent, disinfectant, polish, pesticide, poison, ?repellent2, lye, fertilizer, ?acid, hypochlorite, hydroxide
medicines | medicine, drug, pill, vitamin pill, ?tablet2, lozenge2, ointment, lotion2, balm, liniment, ?contraceptive, ?steroid hormone, ?vasoconstrictor, antifungal, prescription drug
varnish-and-solvents | varnish, lacquer, lacquer2, solvent, turpentine, fuel, petroleum, shellac, ?acid, ammonia, antifreeze, alkylbenzene, benzene, alcohol2, dilutant
poster-paint/wall-paint | paint
watercolours | water-base paint
acrylic-paint | acrylic paint
poster-paint | poster paint
strong-adhesives | ?adhesive material, epoxy, rubber cement, ?cement3
liquid-glue | glue, paste3, library paste, mucilage2
sticky-tape | adhesive tape, tape
sandpaper | abrasive, emery paper
iron-and-press | iron3, soldering iron
pens-and-pencils | writing implement, marker2
wax-crayons | crayon
chalks-and-pastels | chalk
rubbers-and-sharpeners | eraser, pencil sharpener, sharpener
staplers-and-punches | stapler, punch, staple gun
paper-clips-and-pins | paper clip, thumbtack, rubber band, clip2
needles-and-pins | needle2, straight pin, safety pin, pincushion, hatpin, thimble
knitting-needles | knitting needle, crochet needle
sewing-machines | sewing machine
weaving-frames | loom
knitting-and-sewing-helpers | ?needlework, sewing kit
sewing-thread | thread, bobbin
wool | wool2, yarn
ribbon | ribbon2, ?trimming, lace2, braid
string-and-cord | cord, rope, string, lace, ?chain, ?strap, lanyard2, elastic
zips-and-fastenings | slide fastener, ?fastener, snap fastener, buckle, clasp, hook and eye
buttons | button
fabric | fabric, net5, ?animal skin, ?leather
blankets-and-cushions | cushion3, pillow
blankets-and-cushions/blanket | blanket, quilt, afghan
blankets-and-cushions/rug | rug, floor cover
blankets-and-cushions/mattress | mattress
nap-blankets | bedclothes, ?sheet, pillowcase, sleeping bag
table-covers | table linen
fabric/old-curtain | curtain, blind2
bibs-and-muslins | bib2
bibs-and-muslins/towel | towel, bath linen
cloths-and-sponges-for-cleaning | dishcloth, dustcloth, cleaning pad, dish towel, steel wool
dustpan-and-brushes | cleaning implement, broom, dustpan, mop, squeegee, whisk2, clothespin, ?hanger
dustpan-and-brushes/mop | mop
tissues | handkerchief, tissue2, facial tissue, toilet tissue
kitchen-roll | paper towel, foil
bin-bags | plastic bag, sack
bin-bags/paper-bag | paper bag
bags-and-purses | bag3, purse, wallet, briefcase, ?pouch, ?bag, tote bag
bags-and-purses/suitcase | baggage
bags-and-purses/backpack | backpack
spare-clothes | clothing
spare-clothes/sock | hosiery
spare-clothes/jumper | sweater, trousers, skirt, dress, jumper5
spare-clothes/coat | overgarment, coat, jacket, suit
dressing-up-clothes | costume, ?uniform, vestment, ?cloak2, academic gown, ?armor, disguise, hairpiece
hats-and-crowns | headdress, helmet2, crown2
ride-ons-and-scooters/bike-helmet | crash helmet
hats-and-gloves | cap, scarf, glove, handwear, bonnet, earmuff, balaclava, ski cap, muff, visor2
wet-weather-wear | raincoat, oilskin
wet-weather-wear/umbrella | umbrella
aprons | apron, smock, pinafore
shoes | footwear, footwear2
shoes/wellington | overshoe
masks | ?mask2, mask
first-aid-supplies/face-mask | respirator2
keepsakes | keepsake, jewelry, ?trophy, curio
keepsakes/medal | medal
beads | bead, beads
keys | key, lock
keys/padlock | padlock
dolls | doll
puppets | puppet, puppet2
dolls-houses-and-play-scenes/dolls-house | dollhouse
tents-and-tunnels | playhouse
soft-animals | teddy
balls | ball, ball3
bats-and-rackets | ?sports implement, ?racket, bat2, cue, golf equipment, baseball equipment, ?sports equipment
bats-and-rackets/skittles | ninepin, tenpin
balance-and-gym | gymnastic apparatus, weight, exercise device, ?ski
balance-and-gym/kite | kite
ride-ons-and-scooters | skate, bicycle, scooter2, wheelchair, unicycle
ride-ons-and-scooters/sledge | sled
ride-ons-and-scooters/tricycle | tricycle
ride-ons-and-scooters/swing | swing
ride-ons-and-scooters/rocking-horse | rocking horse, hobbyhorse
ride-ons-and-scooters/pram | baby buggy
ride-ons-and-scooters/skateboard | skateboard
hoops-and-rings | quoit
board-games | ?game equipment, checkerboard, chessman, checker
card-games | playing card, card
dice-and-counters | die, man, counter2
dominoes | domino3
jigsaw-puzzles | jigsaw puzzle
toy-cars | ?wheeled vehicle, ?motor vehicle
large-vehicles | ?vehicle, ?conveyance
wooden-railway | ?locomotive, ?car2, train
odds-and-ends/weapon | ?weapon, ?explosive device, ?missile
ride-ons-and-scooters/go-kart | go-kart
tents-and-tunnels/tent | ?tent
balloons | ?balloon2
rattles-and-teethers | rattle, pacifier2, comforter2
electronic-toys | joystick, remote control
electronic-toys/remote-control | remote control
party-supplies | noisemaker
party-supplies/vase | vase
party-supplies/artificial-flower | flower arrangement
party-supplies/bunting | streamer
cups-and-bottles | drinking vessel, cup, glass, bottle, flask, mug
cups-and-bottles/baby-bottle | bottle2
plates-and-cutlery | strainer, tableware, crockery, utensil, kitchen utensil, cutlery2, ?ware
plates-and-cutlery/spoon | spoon, fork
plates-and-cutlery/pan | cooking utensil, pot, pan
plates-and-cutlery/kitchen-knife | carving knife, bread knife, butcher knife, cleaver, paring knife, table knife, grater, slicer2, peeler, chopping board
pouring-and-spooning | pitcher
trays-for-work | tray
empty-containers | ?container, box, ?receptacle, bin, chest, jar, barrel2, can, crate, carton
empty-containers/basket | basket, hamper2
desk-trays-and-stands/waste-paper-basket | ashcan
desk-trays-and-stands | bookend, inkwell, ?holder, letter box, in-basket
furniture | furniture, ?rack3, ?stand2
furniture/chair | chair, stool
furniture/table | table, desk
furniture/shelf | bookcase, cabinet, chest of drawers, cupboard, wardrobe, shelf, buffet
furniture/travel-cot | bed, sofa, bench
furniture/mirror | mirror
nap-blankets/cot | crib, cradle
easels-and-boards | blackboard, bulletin board2, board2
easels-and-boards/easel | easel
pet-things | leash, birdcage, ?cage, ?stable gear, ?feed, aquarium, dog collar, horseshoe2
odds-and-ends/mousetrap | fishing gear, ?trap
copy-paper | ?paper2, writing paper
card | cardboard
drawing-paper | drawing paper, tracing paper
tissue-and-crepe-paper | crepe paper
gift-wrap | wrapping paper, wrapping, gift wrapping
canvases/picture-frame | picture frame
envelopes | envelope
exercise-books | notebook2, pad5
ring-binders | binder2, folder
hanging-files | file folder
labels-and-label-tape | ?label, ?tag, badge
stamps-and-ink-pads | stamp2, seal2
ink-and-toner | ink, toner3
calendars-and-planners | diary, almanac
reference-books | reference book, textbook
chapter-books | book, book3, novel, sacred text, ?literary composition, ?dramatic composition
workbooks | workbook
comics-and-magazines | periodical, magazine, newspaper, newspaper2, comic book, booklet
maps-and-charts | map, ?chart, ?diagram
maps-and-charts/poster | poster
atlases | atlas2
globes | globe
photographs | photograph
finished-artwork | ?art, drawing, painting, print, sculpture, picture, plastic art, ?figure
household-papers | ?document2, letter, commercial document, form3, ?correspondence, ?writing, ?list
certificates | legal document, certificate, passport, license
tax-papers | statement
receipts | receipt, ticket, invoice, bill4
manuals | manual
greeting-card-blanks | greeting card, postcard, card4
flags-and-puzzle-maps | flag, banner, ?emblem
wire | wire
scrap-wood | wood3, lumber2, plywood, ?bar3, ?rod, ?board7, foam rubber, glass wool
cones-and-sticks | ?stick, stick8, cone2, log2, acorn
nature-collection | leaf3
stones-and-shells | ?rock, ?stone, gem3, ?mineral, ?crystal4
bottle-tops | bottlecap, ?lid
corks | cork
modelling-clay | clay
plaster-and-casting | plaster4, cement2
candles-and-wax | wax
stuffing | ?padding, cotton
mosaic-tiles | tile
fabric-scraps | rag, patch
felt-sheets | felt
food-and-drink | food2, food, beverage, ?flavorer, ?peel, ?drinking water
magnets-for-crafts | magnet
pipe-cleaners | pipe cleaner
play-money | ?coin
nappies | diaper
doctor-set | ?stethoscope, ?syringe
odds-and-ends/spectacles | spectacles
garden-tools-for-children/houseplant | ?plant2
toy-animals | animal
mats-for-work | mat
- | structure, amino acid, fatty acid, carboxylic acid, body part, barroom, knot
`;
