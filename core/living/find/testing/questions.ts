/** Questions to a house, as people ask them, and the categories that answer: `question > category | or another`. */
export const FOUND = `
the wooden bricks > Wooden blocks
choo choo > Wooden railway
tractor > Large vehicles | Toy cars
where do the dinosaurs live > Toy animals
teddy > Soft animals
glockenspiel > Chime bars
something to clean the table with > Cleaning agents | Cloths and sponges for cleaning
something for a cut finger > First-aid supplies
headache pills > Medicines
dice > Dice and counters
king of hearts > Card games
chess > Board games
snap > Card games | Memory games
diggers > Large vehicles
hot glue > Glue guns
big scissors > Sharp scissors
scissors for kids > Child scissors
sissors > Child scissors | Sharp scissors
yarn > Wool
thred > Sewing thread
zipper > Zips and fastenings
googly eyes > Wiggly eyes
pom pom > Pompoms
brown paper > Gift wrap | Coloured paper | Large paper | Copy paper
christmas lights > Winter decorations
baubles > Winter decorations
easter bunny > Spring decorations
magnifying glass > Magnifiers
loupe > Magnifiers
world map > Maps and charts | Atlases | Globes
encyclopaedia > Reference books
dictionary > Reference books
calulator > Calculators
hourglass > Sand timers
watering can > Garden tools for children
trowel > Garden tools for children
toner > Ink and toner
drawing pins > Paper clips and pins
rubber bands > Paper clips and pins
extension cord > Extension leads
phone charger > Cables
flashlight > Torches
AA batteries > Batteries
watch battery > Button cells
eraser > Rubbers and sharpeners
pencil sharpener > Rubbers and sharpeners
hanky > Tissues
broom > Dustpan and brushes
paint brush > Paint brushes
water colours > Watercolours
gouache > Poster paint | Watercolours | Acrylic paint
apron > Aprons
conkers > Cones and sticks
sea shells > Stones and shells
jump rope > Skipping ropes
skipping > Skipping ropes
fancy dress > Dressing-up clothes
princess crown > Hats and crowns
suitcase > Bags and purses
recorder > Recorders and flutes
flute > Recorders and flutes
novels > Chapter books
my library books > Library books on loan
place value > Base-ten blocks
screws > Nails and screws
hammer > Hand tools
pliers > Hand tools
cord > String and cord
needle for wool > Knitting needles | Needles and pins
plasticine > Modelling clay
rolling pin > Clay tools
spare keys > Keys
passport > Certificates
diaper > Nappies
baby wipes > Wet wipes
sunscreen > Sun cream
folders > Ring binders | Hanging files
wrapping paper > Gift wrap
manuals > Manuals
bulbs > Light bulbs | Electric circuits
rechargeable batteries > Batteries
bandage > First-aid supplies
tennis balls > Balls
the train set > Wooden railway
plastic dinos > Toy animals
where are my crochet hooks > Knitting needles
stuff to wrap a birthday present > Gift wrap
pipecleaners > Pipe cleaners
glitter glue > Sequins and glitter | Liquid glue
tin whistle > Recorders and flutes
tambourine > Drums | Shakers and bells
painting smocks > Aprons
black marker > Felt-tip pens
hole puncher for the office > Staplers and punches | Hole punches
plasters for a grazed knee > First-aid supplies
cough syrup > Medicines
usb cable > Cables
scisors for left handers > Child scissors | Sharp scissors
atlass > Atlases
microscop slides > Microscope
something to tell the time > Clocks | Sand timers
something to weigh flour > Scales and weights
a thing for seeing in the dark > Torches
what holds paper together > Paper clips and pins | Staplers and punches
to mop up spilt milk > Kitchen roll | Cloths and sponges for cleaning | Cleaning agents
blue wool > Wool
yellow felt > Felt sheets
cotton reels > Sewing thread
number bars > Counting rods
dictionary > Reference books
magnetic letters > Movable alphabet
road map > Maps and charts | Atlases
cash register > Shop and till
teddies > Soft animals
pirate costume > Dressing-up clothes
sticky labels > Labels and label tape
old comics > Comics and magazines
`;
/** Things that the house has not. */
export const NOT_THERE = `
guitar picks
trampoline
bicycle pump
piano
sewing machine
hula hoops
guitar
fishing rod
umbrella
tent
hair dryer
sledge
car seat
cat litter
wheelbarrow
violin
drone
skateboard
telescope
pegs for the washing line
box of matches
hiking boots
vacuum cleaner
tent pegs
ukulele
paddling pool
stepladder
wok
inflatable mattress
lawn mower
`;
/** A thing in the hand, and where it goes. */
export const IN_HAND = `
a blue felt tip > Felt-tip pens
half a zip > Zips and fastenings
a tiny shoe > Doll clothes | Strays | Dolls
plastic banana > Play food
toy saucepan > Toy kitchen ware
jigsaw piece > Strays | Jigsaw puzzles
red crayon > Wax crayons
a marble > Marbles
a domino > Dominoes
joker > Card games
a pawn > Dice and counters | Board games
egg carton > Clean packaging
toilet roll tube > Cardboard tubes
yoghurt pot > Clean packaging
a teaspoon > Pouring and spooning | Toy kitchen ware
plastic cow > Toy animals
stegosaurus > Toy animals
a sock > Doll clothes | Spare clothes
tiara > Hats and crowns
stethoscope > Doctor set
wooden rail > Wooden railway
loose magnet > Magnets for crafts | Magnet sets
paper clip > Paper clips and pins
screwdriver > Hand tools
pine cone > Cones and sticks
feather > Feathers
button > Buttons
hair ribbon > Ribbon
glue stick lid > Glue sticks | Bottle tops
dried up marker > Felt-tip pens
cotton reel > Sewing thread
compass > Binoculars and compasses
magazine > Comics and magazines
a receipt > Receipts
cape > Dressing-up clothes
pebble > Stones and shells
plastic carrot > Play food
tiny spoon > Toy kitchen ware | Dolls house furniture | Pouring and spooning
doll's jumper > Doll clothes
a wooden cube > Wooden blocks | Geometry solids | Base-ten blocks
track piece > Wooden railway | Marble run | Strays
queen of clubs > Card games
loose bead > Beads
bit of string > String and cord
wine cork > Corks
milk bottle top > Bottle tops
half a crayon > Wax crayons
pen lid > Felt-tip pens | Pens and pencils | Bottle tops
a conker > Cones and sticks
snail shell > Stones and shells | Nature collection
hand puppet fox > Puppets
toy hammer > Tools for play
comic > Comics and magazines
earphones > Headphones
safety pin > Needles and pins
`;
