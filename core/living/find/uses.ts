/**
 * What things are for, in words that people use where the name does not come to mind: `key of a category of the library | words`.
 * From how such things are used in a house; a word that many rows have says little.
 */
export const USES = `
wooden-blocks | build towers walls houses stacking building wood
clip-together-bricks | build models clicking clip studs building plastic click together
large-bricks | big building toddlers little ones babies build
wooden-railway | train choo station tracks engine rails bridge locomotive
toy-cars | drive race brum road vehicles little traffic
large-vehicles | dig digging lorry builders site fire engine big truck driving
marble-run | roll marbles down track
magnetic-tiles | stick together magnetic building tiles shapes
gears-and-connectors | turn cogs wheels machine construct connecting
toy-animals | farm zoo jungle plastic animals dinosaur dinos
small-figures | little people men play
tools-for-play | pretend mending hammering toy workbench carpenter
dressing-up-clothes | dress up pretend costume pirate princess fairy knight theatre
hats-and-crowns | head wear king queen princess prince crown
bags-and-purses | carry pretend shopping handbag
play-food | pretend eat cooking fruit vegetables plastic wooden banana shop
toy-kitchen-ware | pretend cooking tea party toy kitchen pot kettle saucepan plates
dolls | baby pretend nursing dolly
doll-clothes | dress dolls dolly sock jacket dress outfits
dolls-house-furniture | tiny little chair table bed dolls house furniture wooden miniature
puppets | theatre hand show puppet
soft-animals | cuddle cuddly bedtime teddy bear fluffy plush
masks | face hide pretend
doctor-set | pretend doctor hospital nurse stethoscope toy
shop-and-till | pretend shop buying selling till checkout
silk-cloths | dance pretend silky
board-games | play family rainy evening game board
card-games | ace spades hearts clubs queen king jack joker play cards deck
memory-games | pairs matching remember card two alike
jigsaw-puzzles | piece picture puzzle fit together
tray-puzzles | knobs toddlers shapes wooden puzzle
dice-and-counters | roll number throw pawn counters playing die
balls | throw kick catch bounce football
skipping-ropes | jump skip rope
bean-bags | throw toss catch
bubbles | blow blowing soap
chalk-for-outside | draw pavement street outside playground
sand-toys | sandpit beach dig bucket spade toys sand castle
shakers-and-bells | shake music jingle rattle ring noise rhythm
drums | bang bangy beat music drumming drumstick sticks
chime-bars | music tune melody notes hit mallets
recorders-and-flutes | blow music tune mouthpiece whistle
song-sheets | sing singing words notes music songs
picture-books | read aloud stories little ones bedtime pictures book
first-readers | easy beginners learn learning read reading books starting
chapter-books | long stories older novels reading book
reference-books | look up facts know information book about dinosaurs animals space meaning spelling
atlases | maps countries book world
comics-and-magazines | funny read magazines
audio-stories | listen story stories cd disc audio hear
library-books-on-loan | borrowed back library return
strays | lost missing belong single piece stray nowhere
stacking-cups | stack nest baby
rattles-and-teethers | baby chew bite shake teeth
coloured-pencils | draw drawing colour colouring pencils pens in
felt-tip-pens | draw drawing colour colouring bright pens markers in
wax-crayons | draw drawing colour colouring wax
chalks-and-pastels | draw drawing smudge soft box
drawing-paper | draw drawing sketch blank plain paper
colouring-pages | colour colouring in outlines
rubbers-and-sharpeners | rub out mistakes sharpen pencil blunt
stamps-and-ink-pads | stamp print ink pictures
stickers | reward gold stars stick
poster-paint | paint painting bright bottles
watercolours | paint painting water box
finger-paint | paint painting hands fingers
acrylic-paint | paint painting canvas tubes
paint-brushes | paint painting brush
rollers-and-sponges | paint printing roll dab
paint-pots-and-palettes | mix mixing paint water rinse
aprons | keep keeping clean paint clothes off protect wear painting cooking
table-covers | protect cover table paint keep clean
canvases | paint painting stretched
coloured-paper | fold folding origami cut colours
card | stiff thick paper making cards
tissue-and-crepe-paper | thin flowers paper lanterns
large-paper | big murals group easel roll
glue-sticks | stick paper together gluing
liquid-glue | stick wood together gluing runny
strong-adhesives | stick metal plastic strong spray
glue-guns | hot stick melt glue gun refills
sticky-tape | stick parcel roll tape together
child-scissors | cut cutting paper kids children
sharp-scissors | cut cutting cloth fabric adults big grown
craft-knives | cut cutting sharp card blade slice boxes open
paper-cutters | cut straight stacks paper
hole-punches | makes make holes hole punch paper
cutting-mats | protect table cutting under
beads | making make necklaces necklace bracelets jewellery thread threading string
iron-on-beads | melt ironing pegboard iron
buttons | shirt coat fasten sew
sequins-and-glitter | sparkly sparkle shiny glittery shimmer
wiggly-eyes | eyes glue faces monsters
pompoms | fluffy fuzzy balls
pipe-cleaners | bend fuzzy wire
feathers | birds fluffy plume quill
lolly-sticks | ice cream flat wooden sticks craft
magnets-for-crafts | fridge stick metal strong
stones-and-shells | beach sea found pebbles
cones-and-sticks | forest wood walk found twigs acorns
corks | wine bottle stamp float
cardboard-tubes | kitchen toilet roll tubes empty
clean-packaging | boxes junk modelling recycling egg yoghurt empty carton
bottle-tops | lids caps
scrap-wood | left over leftover pieces wood sawing offcut
modelling-clay | squishy squash knead dough clay shape mould soft
clay-tools | roll dough shape cut cutters clay
plaster-and-casting | mould cast pour hard
wool | knit knitting yarn crochet warm balls
felt-sheets | soft squares sew felt
fabric | sew sewing curtains dresses metres cloth material
fabric-scraps | left over pieces cloth patchwork remnants
sewing-thread | sew sewing thread spool
needles-and-pins | sew sewing sharp needle mend
knitting-needles | knit knitting crochet hook
ribbon | tie bow present gold pink lace
string-and-cord | tie tying parcel rope
zips-and-fastenings | close fasten trousers snap press stud hooks
stuffing | fill cushions toys soft filling
hand-tools | mend mending repair fix hammering tighten screw screwdriver
nails-and-screws | hang pictures wall fix hammer
sandpaper | smooth sand wood rough
varnish-and-solvents | shine coat wood clean brushes spray
iron-and-press | iron creases clothes press ironing flat crumpled
wire | bend twist metal
weaving-frames | weave weaving
counting-rods | maths numbers length counting
base-ten-blocks | thousand hundreds tens ones place value cube
counting-cubes | count snap linking maths
abacus | counting beads wires frame count rods
play-money | coins pretend money notes pay
clocks | learn tell time hands
scales-and-weights | weigh heavy light balance
measuring-tools | measure long length metre tall
fraction-sets | halves quarters thirds pizza
geometry-solids | cube cone sphere pyramid shapes
calculators | sums add calculate
letter-cards | alphabet trace letters learn
movable-alphabet | letters words spell spelling wooden
word-games | spelling rhyming words
exercise-books | write homework lines notebook
workbooks | practise exercises homework
handwriting-boards | write wipe practise slate
magnifiers | look closer bigger tiny small insects lens see close
microscope | look tiny things see small invisible slides cells
magnet-sets | attract iron experiment pull
electric-circuits | light bulb switch wires current circuit experiment
experiment-glassware | mix chemistry pour test experiment
nature-collection | found fossils walk specimens
garden-tools-for-children | dig plant water flowers garden soil digging watering
globes | world earth countries ball round planet
maps-and-charts | wall countries world roads hang
flags-and-puzzle-maps | countries flag
binoculars-and-compasses | far away birds north direction field glasses see distance
pouring-and-spooning | pour water spoon jug transfer
threading-and-lacing | lace thread holes tie laces string
dressing-frames | learn tie laces buttons zips bows practise
sand-timers | time sand running through minutes wait timer
headphones | listen quiet ears hear
copy-paper | print printer printing copier
envelopes | post letter send
sticky-notes | reminders note memo stick
pens-and-pencils | write writing sign ink
paper-clips-and-pins | hold pages papers together clip pinboard
staplers-and-punches | holes staple pages together punch
ring-binders | file papers keep sort
hanging-files | file papers drawer hang
plastic-wallets | protect pages sheets sleeves
laminating-film | laminate seal wipeable
labels-and-label-tape | name label marking boxes sticky
ink-and-toner | printer empty print cartridge
gift-wrap | wrap wrapping present presents birthday bow
calendars-and-planners | plan dates year appointments week
postal-supplies | post parcel send pack padded
cables | charge charging phone plug connect usb computer lead
extension-leads | socket plug reach far power strip
batteries | power remote torch empty dead
button-cells | watch round tiny
torches | dark light night power cut see
camera-and-lenses | take photos pictures
first-aid-supplies | cut finger knee hurt bleeding plaster sticking bandage graze blister
medicines | headache fever cough ill pain painkillers tablets sick
tissues | nose blow sneeze runny cold
cleaning-agents | clean cleaning spray dirty stains mould scrub bathroom
cloths-and-sponges-for-cleaning | wipe clean dust table dusting
kitchen-roll | spill wipe spilt kitchen
dustpan-and-brushes | sweep crumbs floor broken
winter-decorations | tree christmas decorating decorate baubles lights tinsel
spring-decorations | easter eggs bunny dye
autumn-decorations | lantern walk harvest halloween
balloons | party blow up birthday
light-bulbs | lamp broken dark screw
nappies | baby change
wet-wipes | baby wipe hands clean
spare-clothes | accident change wet lost jumper
sun-cream | sun burn summer skin screen
hand-sanitiser | hands germs disinfect
bin-bags | rubbish trash waste throw
keys | open lock door
photographs | memories pictures album family
certificates | official passport birth insurance
receipts | bought shop proof
manuals | instructions how works guarantee
lamps | light desk read
`;
