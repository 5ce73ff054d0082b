/** Kinds of thing to play with, by the category they belong to. See {@link readKinds} for how they are written. */
export const PLAY_KINDS = `
# Wooden blocks
block, brick, wooden brick, wooden cube, building cube, unit block, wooden building block, alphabet block, rainbow block
hollow block, giant block | 280x140x70
foam block, soft block | 120x60x60
cardboard block, cardboard brick | 300x150x100
arch, wooden rainbow | 360x180x65
# Clip-together bricks
construction brick, small brick, clip brick
brick baseplate, base plate, building plate | 255x255x4 flat
brick set, brick model, spaceship model | 300x250x100
# Large bricks
# Wooden railway
wooden train, engine, carriage, locomotive, train track, track piece, rail
train set, wooden train set, railway set, train table set | 450x300x100 neat set
train table | 1000x800x450 stands=single
railway bridge, train bridge, train tunnel | 350x120x110
# Toy cars
toy car, racing car, motorbike, toy vehicle, bus, ambulance, police car, toy plane, toy aeroplane, toy boat
car track, race track, slot car set | 450x300x90 neat set
car mat, road mat, play mat road | 400x120x120 soft
remote control car, rc car | 350x200x150
jeep, toy jeep, toy van, toy bus, toy lorry, toy taxi, toy tractor small, toy ambulance, toy fire engine small, toy police car, toy motorbike | 90x45x40
# Large vehicles
large vehicles | stands=single
toy digger, excavator, dumper, tipper truck, crane, toy tractor, toy truck, toy lorry, fire truck
# Marble run
marble run, marble run set, ball run | 400x300x100 neat set H2
# Magnetic tiles
magnetic shape, magnetic building tile
# Planks
# Gears and connectors
construction kit, construction toy, nuts and bolts set, gear set, metal construction set | 300x220x80 neat set
# Toy animals
plastic animal, wild animal, zoo animal, dinosaur, farm animal, toy horse, toy dinosaur, sea animal, jungle animal, plastic dinosaur, toy pig, toy cow
toy insect, plastic bug, mini animal | 50x35x20
unicorn figure, model horse | 140x110x35
# Small figures
figure, action figure, knight, pirate, soldier, toy soldier, peg doll, superhero, fairy figure, wooden people
action figure large, robot, toy robot | 250x120x80
# Loose parts
loose part, wooden ring, wooden coin, treasure basket item, gem stone, curtain ring
# Tools for play
toy tool, play drill, tool bench set, toy workbench tool
workbench toy, toy workbench, play workbench | 600x350x800 stands=single
# Dolls houses and play scenes
dolls houses and play scenes | stands=single
dolls house, doll house, dollhouse, wooden dolls house | 600x300x600
toy garage, car garage, parking garage, garage | 500x350x400
castle, toy castle, fort, knight castle | 450x350x300
toy farm, farm set, barn, toy stable, stable, farmhouse | 450x350x250
pirate ship, toy ship, noahs ark, ark | 500x200x350
play kitchen, toy kitchen, wooden kitchen, market stall, shop stand | 700x350x900
toy theatre, puppet theatre, theatre | 700x100x600
airport, fire station, police station, space station | 500x350x300
# Dressing-up clothes
dressing up clothes, dressing up outfit, fancy dress, fancy dress costume, witch costume, pirate costume, costume, princess dress, cape, tutu, cloak, superhero costume, dressing up, waistcoat, fairy wings, dress up dress
dressing up clothes, dress up clothes, dressing up stuff, dress up stuff, dressing up things, princess dress, knight costume, fairy wing, cloak, cape | 400x300x40
# Hats and crowns
hat, cap, crown, tiara, helmet for play, straw hat, police helmet, pirate hat, sun hat, helmet
# Bags and purses
handbag, purse, toy suitcase, play basket
suitcase, trunk case | 500x350x180 rigid
backpack, rucksack, school bag, sports bag, holdall, tote bag, bag, shoulder bag | 420x300x120
# Play food
wooden fruit, toy fruit, play fruit, play vegetable, toy vegetable, wooden food, felt food, plastic food, toy cake, pretend fruit
# Toy kitchen ware
play pan, toy pan, toy saucepan, play plate, toy cutlery, toy teapot, play cup, play crockery
tea set, toy tea set | 300x220x100 rigid set
# Dolls
doll, rag doll, fashion doll, baby doll
dolls pram, doll buggy, doll pushchair, dolls pushchair, dolls buggy | 550x400x550 rigid stands=single
dolls bed, doll cot, dolls cot, doll high chair, cradle | 500x280x300 rigid stands=single
fashion doll small, mini doll, fashion dolls | 290x70x50
# Doll clothes
doll dress, doll outfit, doll shoe, outfit for doll
# Dolls house furniture
dolls house furniture, doll furniture, miniature furniture, dolls house bed, dolls house chair, dolls house people, doll house furniture
# Puppets
puppet, glove puppet, hand puppet, marionette
finger puppet | 80x45x15
# Soft animals
teddy, teddy bear, soft toy, cuddly toy, stuffed toy, stuffed animal, plush toy, plushie, bear, cuddly, soft bunny
giant teddy, large teddy, big teddy, giant soft toy, huge teddy | 700x450x350
# Masks
mask, animal mask, carnival mask
# Doctor set
doctor kit, vet set, stethoscope toy, doctors case, doctor bag | 280x200x90 set
# Shop and till
toy till, cash register toy, shop till, shopping trolley toy, toy scanner
toy shopping trolley, play trolley, toy trolley | 500x350x500 stands=single
# Silk cloths
play silk, silk scarf, play cloth, dance scarf, dancing scarf, scarf for dancing, juggling silk
# Board games
pick up sticks, mikado, spillikins | 200x40x40 set
board games | stands=stack
board game, family game, snakes and ladders, ludo, draughts, chess set, chess, checkers, tabletop game, strategy game, quiz game, boxed game, boardgame, dice game | set
giant game, floor game | 500x450x100 set
bingo, lotto, bingo set, picture lotto | 270x200x50 set
magnetic game, magnetic chess | 200x200x30 set
# Card games
card game, playing card, pack of cards, deck of cards, deck, snap cards, snap, happy families, quartet, trading card deck, old maid, rummy, top cards | set
trading card, swap card, football card, collecting card, collector card | 88x63x0.3 flat
# Memory games
memory game, pairs game, matching pairs, memory, memory cards, matching cards | set
# Jigsaw puzzles
jigsaw puzzles | stands=stack
jigsaw, jigsaw puzzle, puzzle, cardboard puzzle, puzzle box | set
floor puzzle, giant puzzle, giant floor puzzle, large floor puzzle | 350x270x80 set
3d puzzle, puzzle ball | 300x220x70 set
puzzle mat, puzzle roll | 900x90x90 long
foam puzzle mat, foam mat tile, foam tile | 320x320x12 flat
# Tray puzzles
tray puzzle, peg puzzle, inset puzzle, wooden puzzle, knob puzzle, shape puzzle, wooden jigsaw, inset board | set
# Dice and counters
counter, game counter, game piece, pawn, dice, die, coloured counter, spinner, tiddlywink
# Dominoes
domino, dominoes set, picture dominoes, domino set, domino game | 180x80x50 set
domino tile, domino stones, wooden domino stone | 48x24x8
# Travel games
travel game, pocket game, magnetic travel game | set
# Marbles
marble, glass marble
# Balls
ball, soft ball, beach ball, foam ball, rubber ball, tennis ball, bouncy ball, playground ball, sponge ball
tennis ball, bouncy ball, juggling ball, small ball, rubber ball, sensory ball | 65x65x65
ball pit ball, ballpit ball, ball pool ball, plastic ball | 65x65x65
bouncy balls small, super ball, bouncy ball small | 32x32x32 H2
football, basketball, volleyball, netball, handball, rugby ball | 220x220x220
table tennis ball, ping pong ball | 40x40x40 H2
exercise ball, gym ball, space hopper | 450x450x450
# Skipping ropes
skipping rope, jump rope, tug of war rope, rope for skipping
# Bean bags
bean bag, throwing bag, beanbag
bean bag chair, beanbag seat, bean bag seat, beanbag chair | 800x800x600 soft stands=single
# Hoops and rings
hoops and rings | stands=hook
hula hoop, hoop, gym hoop, pe hoop | 700x700x20 neat
throwing ring, quoit, ring toss | 170x170x20 neat
# Bats and rackets
skittles, skittle set, bowling set, boules, boccia, croquet set | 350x300x120 rigid set
racket, bat, tennis racket, badminton racket, cricket bat, rounders bat, hockey stick, baseball bat
table tennis bat, ping pong bat | 260x160x20
badminton set, croquet set, cricket set | 800x250x120 set
golf club, toy golf set | 700x150x120
shuttlecock | 85x65x65
# Balance and gym
balance board, wobble board, rocker board | 820x300x190 stands=single
balance beam, stepping stone, river stone, balance stone | 350x350x100 nesting
traffic cone, marker cone, sports cone, cone for sports | 230x140x140 nesting
stilts, pogo stick, pedal roller | 900x200x150
parachute, play parachute, gym parachute | 400x300x150 soft coiled
football goal, goal net, pop up goal, netball post | 1200x300x200 rigid stands=single
trampoline, mini trampoline | 1000x1000x220 stands=single density=50
gym mat, exercise mat, tumbling mat, crash mat | 1200x600x50 neat stands=stack
yoga mat, rolled mat | 600x110x110 long stands=stack
juggling club, juggling set, juggling scarf, ribbon stick, diabolo | 500x100x80
flying disc | 270x270x30 nesting
kite | 800x120x50 long
pump, ball pump | 300x60x60
bib for sport, team bib, sports bib, sash | 350x250x10 soft
# Ride-ons and scooters
ride-ons and scooters | stands=single
scooter, kick scooter | 850x150x350
tricycle, trike, balance bike, bike, bicycle, ride on car, ride on, ride-on toy, pedal car, toddler car, push along car | 800x450x600
go kart, cart, hand cart, wagon | 1000x600x600
rocking horse, rocker | 900x350x650
pram, buggy, pushchair, stroller | 900x500x350
skateboard, roller skate, inline skates, ice skates, roller skates | 350x200x250
bike helmet, cycle helmet, riding hat | 280x220x170
doll walker, baby walker, push walker, push cart, walker trolley | 450x350x450
sledge, sled, toboggan | 900x450x200
swing, swing seat, climbing frame part | 450x200x100
scooter helmet, bike helmet, cycle helmet, bicycle helmet, riding helmet, knee pad, elbow pad, skateboard, roller skate, inline skate, roller blade, ice skate, skates, bike lock, bike pump, bicycle pump, bike bell, stabiliser | 280x230x180
# Tents and tunnels
tent, play tent, teepee, tipi, wigwam, pop up tent | 900x200x200 soft
play tunnel, tunnel, crawl tunnel, pop up tunnel | 480x480x100 soft
den kit, den building set, den cloth | 600x400x200 soft
camping tent, gazebo, awning | 650x220x220 soft
air bed, camping mat | 600x200x200 soft
# Chalk for outside
# Sand toys
bucket, spade, sand bucket, sand mould, sieve, sand spade, beach toy, watering can toy, bucket and spade
foam dart gun, foam dart blaster, toy gun, water gun, foam blaster | 400x200x60 rigid
foam dart | 70x13x13 small
water toy, water wheel, toy watering can, water pistol | 250x150x100 rigid
paddling pool, sand pit cover | 500x400x150 soft
sand tray, water tray, messy play tray | 900x900x100 nesting
# Bath toys
bath toy, rubber duck, bath book, squirty toy, bath boat, bath letter
# Bubbles
bubble bottle, bubble tube, bubble wand, bubble machine, bubble mixture
# Blankets and cushions
cushion, floor cushion, pillow, seat pad, sit mat, carpet tile
blanket, throw, quilt, picnic blanket, bedspread | 400x300x90 soft
rug, carpet | 1500x1000x9 flat stands=single
mattress, cot mattress | 1200x600x110 neat stands=stack
# Shakers and bells
shaker, maraca, bell, jingle bell, egg shaker, castanet, rain stick, wrist bells, rattle drum, sleigh bells, finger cymbal
triangle, guiro, wood block, claves, rhythm stick, rhythm sticks | 200x60x30
cymbal | 250x250x30
# Drums
drum, tambourine, bongo, bongos, djembe, hand drum
large drum, djembe, floor drum, cajon | 320x320x480 rigid stands=single density=80
# Chime bars
chime bar, xylophone, glockenspiel, metallophone
keyboard, music keyboard, electric piano, toy piano | 850x300x100 stands=single density=180
music stand, microphone stand | 500x100x80 long
# String instruments
guitar, violin, banjo, cello, harp | 900x350x130 stands=hook density=45
ukulele, violin, toy guitar, mandolin | 600x220x90 density=60
# Recorders and flutes
recorder, flute, whistle, tin whistle, penny whistle, kazoo, harmonica, mouth organ, ocarina
harmonica, kazoo, party whistle, mouth organ | 110x30x30
trumpet, trombone, horn, bugle, saxophone, clarinet, brass instrument, accordion, bagpipes | 550x220x180 rigid
# Song sheets
song sheet, song book, sheet music, music book, songbook | 297x210x6 neat
# Rattles and teethers
cot mobile, baby mobile, mobile for cot, hanging mobile | 350x300x80 rigid
rattle, teether, teething ring, baby rattle, dummy, soother, dummies, pacifier
# Stacking cups
stacking cup, stacking ring, nesting cup, stacking tower, stacker, nesting doll, stacking toy
# Cloth books
board book, cloth book, baby book, bath book, touch and feel book
# Sensory bottles
sensory bottle, calm jar, discovery bottle, glitter bottle
# Sorting toys
shape sorter, posting box, pull along toy, pop up toy, hammer bench, bead maze, bead frame, activity cube, pounding bench, pull along dog
baby gym, play gym, play arch, baby bouncer, play mat, activity mat, playmat | 700x500x120 soft
busy board, activity board | 500x400x50
fidget toy, fidget, stress ball, sensory toy | 90x70x30
# Sensory materials
sensory rice, coloured rice, rice, dried pasta, pasta, lentils, dried beans, kidney beans, chickpeas, split peas, oats, sensory pasta, flour
play sand, kinetic sand, sand, magic sand, moon sand
slime, gloop, jelly crystals, shaving foam
salt dough ingredients, cornflour
# Electronic toys
games console, game console, console, handheld console | 300x270x100
game controller, controller, gamepad, joystick | 160x110x60
video game, console game, computer game | 190x135x14 neat
drone, remote control helicopter | 300x300x80
remote control, game remote | 170x50x25
learning computer, talking toy, toy phone, toy laptop, walkie talkie, electronic pet | 220x180x60
toy camera, kids camera, toy microphone | 120x90x60
walkie talkie, baby monitor, robot toy, toy robot, karaoke machine, electronic game, digital watch | 150x70x40
`;
