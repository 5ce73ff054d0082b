/**
 * Lines as people type them, with what a careful reader understands: `text @imperial | field=value …`.
 * `a` amount, or the range of it · `m` measure · `n` words of the name · `no` words that are not in it · `d` decision ·
 * `u` day · `c` condition, `/` for or · `sp` `sm` pieces of a set and how many are missing · `s` told sides, mm, longest first ·
 * `l` litres from, to · `cat` categories of which the first proposal is one · `notcat` those it is not · `h` hazards.
 */
export const LINES = `
puzzle 24 pieces, 2 missing | a=null n=puzzle no=missing,24 sp=24 sm=2 c=incomplete l=0.5,4 cat=Jigsaw puzzles/Tray puzzles
100-piece puzzle | a=null n=puzzle sp=100 l=0.8,4 cat=Jigsaw puzzles
3 puzzles 48 pieces each | a=3 n=puzzles sp=48 l=2,9 cat=Jigsaw puzzles
card game, 55 cards, one card missing | a=null n=card,game sp=55 sm=1 c=incomplete l=0.08,0.8 cat=Card games
tea set 15 pieces | a=null n=tea,set sp=15 l=1.5,10 cat=Toy kitchen ware
two dozen eggs for painting, wooden | a=24 n=eggs
half a dozen tennis balls | a=6 n=tennis,balls l=1,4 cat=Balls
half a dozen jam jars | a=6 n=jam,jars
half-dozen egg cups | a=6 n=egg,cups
a dozen and a half corks | a=18 n=corks
one and a half dozen clothes pegs | a=18 n=pegs
two and a half thousand sequins | a=2500 n=sequins
a dozen glue sticks | a=12 n=glue,sticks l=0.4,1.2 cat=Glue sticks
4 pairs of knitting needles | a=4,8 n=knitting,needles no=pairs l=0.05,1 cat=Knitting needles
3 pairs of wellies | a=3,6 n=wellies l=8,45
6 rolls of gift wrap | a=6 n=gift,wrap no=rolls l=4,16 cat=Gift wrap
2 rolls parcel tape | a=2 n=parcel,tape l=0.2,1.2 cat=Sticky tape
500 sheets of A4 paper | a=500 n=a4,paper no=sheets l=2.7,4 cat=Copy paper
5 reams copy paper | a=5,2500 n=copy,paper no=reams l=14,20 cat=Copy paper
40 sheets coloured card | a=40 n=card l=0.4,1.6 cat=Card
2 yards fleece | a=1,2 n=fleece no=yards,2 l=1,9 cat=Fabric
10 m of string | n=string no=10,m l=0.05,1 cat=String and cord h=H6
3 m fabric | a=1,3 n=fabric l=1,6 cat=Fabric
1.5 metres velvet | a=1,1.5 n=velvet l=0.8,5 cat=Fabric
5-6 picture books | a=5,6 n=picture,books no=5,6 l=1.5,8 cat=Picture books
10 to 12 markers | a=10,12 n=markers l=0.12,0.6 cat=Felt-tip pens
about 200 beads | a=200 n=beads no=about l=0.05,0.6 cat=Beads h=H2
roughly 1,000 fuse beads | a=1000 n=fuse,beads l=0.05,0.6 cat=Iron-on beads h=H2
1½ shoeboxes of toy cars | a=1.5 m=shoebox n=toy,cars l=6,11 cat=Toy cars
3/4 litre of sequins | a=0.75 m=litre n=sequins l=0.7,0.8 cat=Sequins and glitter h=H2
a couple of scarves | a=2 n=scarves l=0.5,4 cat=Hats and gloves/Silk cloths
a few board books | a=2,5 n=board,books l=0.6,6 cat=Cloth books
return address labels | a=null n=return,address,labels d=null cat=Labels and label tape
3 rolls of bin liners | a=3,150 n=bin,liners d=null l=1,5 cat=Bin bags h=H6
gift bags x 8 | a=8 n=gift,bags d=null l=0.5,10 cat=Gift wrap
keep fit video | a=null n=keep,fit d=null
recycling bin | a=null n=recycling,bin d=null
swap cards 80 | a=80 n=cards d=null l=0.02,0.4 cat=Card games
exchange trip letters | n=exchange,trip,letters d=null
pass the parcel prizes 12 | a=12 n=parcel,prizes d=null
charity shop: 4 jigsaws | a=4 n=jigsaws d=give away l=5,14 cat=Jigsaw puzzles
old magazines - recycle | n=magazines d=recycle cat=Comics and magazines
throw out dried up felt pens, 15 | a=15 n=felt,pens d=bin c=dried out cat=Felt-tip pens
pram for my sister, pass on | n=pram d=pass on
balance bike, sell | a=null n=balance,bike d=sell l=60,400
give away to the nursery: 6 bibs | a=6 n=bibs d=give away l=0.3,4 cat=Bibs and muslins
car seat - not sure | a=null n=car,seat d=decide later l=40,250
goes to the kitchen: 3 mixing bowls | a=3 n=mixing,bowls d=other room
guitar belongs upstairs | n=guitar d=other room l=15,90
exchange unopened toner by 15 Jan | n=toner d=return u=2027-01-15 c=sealed cat=Ink and toner
return jumper to shop by 12.12. | a=null n=jumper d=return u=2026-12-12
library book due back 4 December | a=null n=library,book d=return u=2026-12-04 cat=Library books on loan
keep receipts until 2033 | n=receipts d=keep u=2033-12-31 cat=Receipts
insurance papers, keep until 30 June 2029 | n=insurance,papers d=keep u=2029-06-30 h=H14 cat=Certificates
decide by end of month: old stroller | n=stroller u=2026-11-30
teddy with torn ear | a=null n=teddy c=broken l=1,12 cat=Soft animals
3 torches, one not working | a=3 n=torches c=broken l=0.5,3 cat=Torches
worn out trainers, 2 pairs | a=2,4 n=trainers c=worn l=4,25
brand new paint set, sealed | n=paint,set c=sealed/good cat=Watercolours/Poster paint/Acrylic paint
doll's house | a=null n=house l=40,300 cat=Dolls houses and play scenes
play tent | a=null n=tent l=8,80 cat=Tents and tunnels
globe | a=null n=globe l=8,45 cat=Globes
5 hoops | a=5 n=hoops l=8,80 cat=Hoops and rings
rolled up maps, 6 | a=6 n=maps l=4,30 cat=Maps and charts
roll of brown paper | a=null n=brown,paper l=1,12 cat=Large paper
blackboard 60x40 | a=null n=blackboard s=600,400 l=1,10 cat=Easels and boards
puzzle 70x50 | a=null n=puzzle s=700,500 l=5,22 cat=Jigsaw puzzles
40 picture books 25x20x1 cm | a=40 n=picture,books s=250,200,10 l=18,24 cat=Picture books
6 atlases 14 1/2" x 11" x 1" | a=6 n=atlases s=368,279,25 l=14,20 cat=Atlases
45 brushes 32 cm | a=45 n=brushes s=320 l=0.8,4 cat=Paint brushes
3 frames 8x10 @imperial | a=3 n=frames s=254,203 l=1,8
trays 40 by 30 cm, 8 | a=8 n=trays s=400,300 l=2,25
30 cm rulers, 12 | a=12 n=rulers s=300 l=0.2,1.6 cat=Stencils and rulers
ribbon 25 mm, 4 reels | a=4 n=ribbon l=0.1,1.2 cat=Ribbon h=H6
label printer | a=null n=label,printer l=1,8 notcat=Copy paper,Labels and label tape cat=Office machines
fabric offcuts, 2 carrier bags | a=2 m=bag n=fabric,offcuts l=25,35 cat=Fabric scraps notcat=Scrap wood
phone chargers 4 | a=4 n=chargers l=0.4,3 cat=Cables
hdmi cable 2 m | a=null n=hdmi,cable l=0.1,1.5 cat=Cables
extension reel 25 m | a=null n=extension,reel l=4,40 cat=Extension leads
box of old phones | a=null n=phones l=1,20 cat=Computers and screens
laptop 15 inch | a=null n=laptop l=1,6 cat=Computers and screens
craft knife + spare blades | n=craft,knife l=0.02,1 cat=Craft knives h=H4
white spirit 1 bottle | a=1 n=white,spirit l=0.5,2.5 cat=Varnish and solvents h=H5
button batteries, 6 | a=6 n=button,batteries l=0.002,0.1 cat=Button cells h=H3
magnetic letters, 1 tub | a=1 n=magnetic,letters l=0.5,4 cat=Movable alphabet
skipping ropes 6 | a=6 n=skipping,ropes l=2,12 cat=Skipping ropes h=H6
bleach | a=null n=bleach l=0.5,3 cat=Cleaning agents h=H5
cough syrup, opened | n=cough,syrup l=0.1,1 cat=Medicines h=H5
strong magnets 10 | a=10 n=magnets l=0.003,0.2 cat=Magnets for crafts h=H3
8 pairs of fabric scissors | a=8 n=fabric,scissors l=0.6,4 cat=Sharp scissors h=H4
hot glue sticks, 50 | a=50 n=glue,sticks l=0.5,2.5 cat=Glue sticks
carrier bags, 1 drawer | n=carrier,bags h=H6
small jar of buttons | n=buttons l=0.1,0.9 cat=Buttons h=H2
big box of train track | n=train,track l=5,45 cat=Wooden railway
bag of pompoms | n=pompoms l=0.5,6 cat=Pompoms
bucket of chalk for outside | n=chalk l=3,15 cat=Chalk for outside
half a sack of soft toys | a=0.5 m=sack n=soft,toys l=25,35 cat=Soft animals
2 handfuls of conkers | a=2 m=handful n=conkers l=0.25,0.4 cat=Cones and sticks
A3 paper, 200 sheets | a=200 n=a3,paper s=null l=1.8,5 cat=Large paper/Drawing paper/Copy paper
size 3 nappies 60 | a=60 n=nappies s=null l=8,40 cat=Nappies
shoes size 28, 2 pairs | a=2,4 n=shoes s=null l=3,14
year 3 maths books x 30 | a=30 n=maths,books l=4,25
toy kitchen 4 burners | a=null n=toy,kitchen
12 colour paint box | a=null n=paint,box l=0.1,1.5 cat=Watercolours
AA batteries 24 | a=24 n=batteries l=0.15,0.5 cat=Batteries
ages 3-6 board games 5 | a=5 n=board,games l=12,35 cat=Board games
15 ring binders | a=15 n=ring,binders l=60,130 cat=Ring binders
3 globes 30 cm | a=3 n=globes s=300 l=30,100 cat=Globes
passport photos 8 | a=8 n=passport,photos h=H14 cat=Photographs
sewing machine (needs repair) | a=null n=sewing,machine c=broken l=12,50 cat=Sewing machines
scissors x 20 | a=20 n=scissors l=1,5
felt tip pens: 3 packs of 10 | a=30 n=felt,pens no=packs l=0.3,1.2 cat=Felt-tip pens
12-pack of pencils | a=12 n=pencils l=0.08,0.4
4 x 250 ml poster paint | a=4 n=poster,paint s=null l=1,3 cat=Poster paint
2 kg clay | n=clay s=null l=1,3 cat=Modelling clay
wool 500 g | n=wool s=null l=2,10 cat=Wool
5 l paint | n=paint l=4,9
jigsaw puzles x4 | a=4 n=puzles l=4,16 cat=Jigsaw puzzles
crayns | n=crayns cat=Wax crayons
pipecleaners 100 | a=100 n=pipecleaners l=0.3,1.5 cat=Pipe cleaners
soft toys!!! way too many | n=soft,toys cat=Soft animals
set of 6 wooden trays | n=wooden,trays sp=6 l=3,25 cat=Trays for work
domino game, 2 tiles missing | a=null n=domino,game sm=2 c=incomplete cat=Dominoes
35 piece floor puzzle | a=null n=floor,puzzle sp=35 l=3,15 cat=Jigsaw puzzles
snap cards complete | a=null n=snap,cards l=0.08,0.6 cat=Card games
marble run 80 pieces, a few missing | a=null n=marble,run sp=80 c=incomplete l=4,20 cat=Marble run
construction kit, 3 screws missing | a=null n=construction,kit no=missing c=incomplete cat=Gears and connectors
wooden train set 40 parts | a=null n=train,set sp=40 l=4,25 cat=Wooden railway
board games 8 | a=8 n=board,games l=20,55 cat=Board games
twenty-five glue sticks | a=25 n=glue,sticks l=0.8,2.2 cat=Glue sticks
several dolls | a=3,7 n=dolls no=several l=5,40 cat=Dolls
pair of binoculars | a=1 n=binoculars no=pair l=0.4,2.5 cat=Binoculars and compasses
4 tubs of playdough | a=4 n=playdough no=tubs l=1,4 cat=Modelling clay
3 bottles of PVA glue | a=3 n=pva,glue no=bottles l=1,4 cat=Liquid glue
9 balls of wool | a=9 n=wool no=balls l=2.5,9 cat=Wool
5 reels of thread | a=5 n=thread no=reels l=0.1,0.5 cat=Sewing thread
2 bags potting compost | a=2 n=potting,compost
crate of recorders | n=recorders cat=Recorders and flutes l=20,50
1 drawer of ribbons | n=ribbons cat=Ribbon l=6,25
basket of puppets | n=puppets cat=Puppets l=5,50
jam jar of sea glass | n=sea,glass l=0.25,1.2 cat=Stones and shells
pile of newspapers | n=newspapers l=2,30
tin of paper clips | n=paper,clips l=0.3,2 cat=Paper clips and pins
12 m elastic | n=elastic no=12,m l=0.05,1 cat=String and cord
lace trim 4 m | n=lace,trim l=0.02,0.5 cat=Ribbon
felt by the metre, 2 m | n=felt l=1,6
one ream A3 | n=a3 l=5,8 cat=Large paper/Copy paper
350 postcards | a=350 n=postcards l=1.5,5
250 envelopes DL | a=250 n=envelopes l=1.5,6 cat=Envelopes
cardboard A2 20 sheets | a=20 n=cardboard no=sheets
plastic wallets 100 | a=100 n=plastic,wallets l=0.6,3 cat=Plastic wallets
laminating pouches A4, pack of 100 | a=100 n=laminating,pouches l=1,4 cat=Laminating film h=H6
ten exercise books | a=10 n=exercise,books l=1.2,4.5 cat=Exercise books
30 magazines | a=30 n=magazines l=3,12 cat=Comics and magazines
20 dvds | a=20 n=dvds l=3,9
class photos (3) | a=3 n=class,photos h=H14 cat=Photographs
drawings by Mia, keep | n=drawings d=keep cat=Finished artwork
40 x 30 canvas board x 6 | a=6 n=canvas,board s=400,300 l=2,22 cat=Canvases
cork board 90 cm x 60 cm | a=null n=cork,board s=900,600 l=3,22 cat=Easels and boards
mirror 30x120 | a=null n=mirror s=1200,300 l=2,20
12 inch rulers 15 | a=15 n=rulers s=305 cat=Stencils and rulers
dowels 8 mm, 20 | a=20 n=dowels l=0.1,2
wool 6 balls 50 g | a=6 n=wool s=null l=1.5,6 cat=Wool
screws 4 x 40 mm, 200 | a=200 n=screws l=0.1,1 cat=Nails and screws
cushions 40x40, 6 | a=6 n=cushions s=400,400 l=25,100 cat=Blankets and cushions
yoga mats 5 | a=5 n=yoga,mats l=20,60 cat=Balance and gym
trampoline | a=null n=trampoline l=60,400 cat=Balance and gym
rocking horse | a=null n=rocking,horse l=80,350
toy castle with knights | a=null n=castle l=15,120 cat=Dolls houses and play scenes
easel paper roll | a=null n=easel,paper,roll l=1,9 cat=Large paper notcat=Easels and boards
flip chart | a=null n=flip,chart cat=Easels and boards
paddling pool | a=null n=paddling,pool l=5,60
sand tray and lid | a=null n=sand,tray l=20,120
christmas tree, artificial | a=null n=christmas,tree l=30,250 cat=Winter decorations
fairy lights 10 m | a=null n=fairy,lights l=0.5,6
usb hub | a=null n=usb,hub l=0.05,1 cat=Computers and screens
printer paper | n=printer,paper cat=Copy paper notcat=Office machines
printer | a=null n=printer l=15,80 cat=Office machines notcat=Copy paper,Ink and toner
paint brushes 30 | a=30 n=paint,brushes l=0.5,3 cat=Paint brushes notcat=Poster paint
glue brushes 12 | a=12 n=glue,brushes cat=Paint brushes notcat=Liquid glue
button badges | n=button,badges notcat=Buttons,Button cells
wool felt offcuts | n=offcuts cat=Fabric scraps notcat=Scrap wood
toy money | n=toy,money cat=Play money h=H2
puzzle map africa | n=puzzle,map cat=Flags and puzzle maps
bread bin | n=bread,bin d=null
bin bags 50 | a=50 n=bin,bags d=null h=H6
bin the felt pens | n=felt,pens d=bin cat=Felt-tip pens
sell by date passed medicine | d=null n=medicine h=H5
return to library: 4 picture books | a=4 n=picture,books d=return cat=Picture books
give back to Anna by Friday - sleeping bag | n=sleeping,bag d=return u=2026-11-27 cat=Nap blankets
swap for bigger size, raincoat | n=raincoat cat=Wet-weather wear
clothes size 92, hand on to cousin | n=clothes d=pass on s=null cat=Spare clothes
hand-me-downs for Leo: 6 t-shirts | a=6 d=pass on cat=Spare clothes
donation box | n=donation,box d=null
toss the broken crayons | n=crayons d=bin c=broken cat=Wax crayons
in the recycling: cardboard boxes 5 | a=5 n=cardboard,boxes d=recycle
for sale: highchair | n=highchair d=sell
lamp to the attic | n=lamp cat=Lamps
wrong room: screwdriver | n=screwdriver d=other room h=H4
photo albums 4, keep | a=4 n=photo,albums d=keep l=12,30 h=H14
undecided: train table | n=train,table d=decide later
ask grandma first - old quilt | n=quilt
return by 2026-12-24 ink | n=ink d=return u=2026-12-24 cat=Ink and toner
keep 3 years: invoices | n=invoices
next week return: borrowed drill | n=drill d=return h=H4
scratched sunglasses | n=sunglasses c=worn
chipped mugs 3 | a=3 n=mugs c=broken m=pieces l=0.8,4
leaky water bottle | n=water,bottle c=broken cat=Cups and bottles
4 dried out glue sticks | a=4 n=glue,sticks c=dried out
faded construction paper | n=construction,paper c=worn cat=Coloured paper
12 cups | a=12 n=cups m=pieces l=0.6,12 cat=Cups and bottles
matches | n=matches h=H4
rotary cutter | n=rotary,cutter h=H4 cat=Craft knives
box cutter | n=cutter h=H4 cat=Craft knives
lino tools 6 | a=6 n=lino,tools
oven cleaner | n=oven,cleaner h=H5
washing up liquid 2 | a=2 n=washing,liquid h=H5 cat=Cleaning agents
nail varnish remover | n=nail,varnish,remover h=H5
hairspray can | n=hairspray h=H5
iron-on letters | n=letters
kite string | n=kite,string h=H6 cat=String and cord
necklaces 10 | a=10 n=necklaces h=H6
small magnets | n=magnets
coin battery CR2032 x 5 | a=5 n=coin,battery h=H3 l=0.001,0.05
glass marbles 3 handfuls | a=3 m=handful n=glass,marbles h=H2 cat=Marbles
acorns and chestnuts 2 carrier bags | a=2 m=bag n=acorns,chestnuts cat=Cones and sticks l=28,32
bank statements 2024 | n=bank,statements h=H14
birth certificate | n=birth,certificate h=H14 cat=Certificates
USB cables x 9 | a=9 n=usb,cables l=0.8,6 cat=Cables
old mobile phones 3 | a=3 n=phones l=0.2,1.5
floor lamp 150 cm | a=null n=floor,lamp s=1500 l=20,200 cat=Lamps
48-piece jigsaw of a castle | a=null n=jigsaw sp=48 l=0.8,4 cat=Jigsaw puzzles
dice set of 7 | n=dice sp=7 h=H2
rummy, all tiles there | n=rummy d=null l=0.08,2
lotto, 3 cards lost | a=null n=lotto sm=3 c=incomplete cat=Board games
skittles 9 pieces | a=null n=skittles sp=9
chess set one pawn missing | a=null n=chess,set sm=1 c=incomplete cat=Board games
dollhouse dolls 8 | a=8 n=dolls
3 sets of measuring spoons | a=3 n=measuring,spoons
bunch of keys | n=keys h=H14 cat=Keys
8 bean bags | a=8 n=bean,bags l=2,6 cat=Bean bags
fifteen clipboards | a=15 n=clipboards l=3,18
40ish felt tips | n=felt,tips cat=Felt-tip pens
at least 60 wooden blocks | a=60 n=wooden,blocks l=4,14 cat=Wooden blocks
1.000 beads | a=1000 n=beads h=H2 l=0.3,2
20+ toy cars | a=20 n=toy,cars l=0.8,3
1-2 puppets | a=1,2 n=puppets cat=Puppets
three and a half litres of lentils | a=3.5 m=litre n=lentils l=3.3,3.7
quarter of a litre glitter | a=0.25 m=litre n=glitter l=0.2,0.3 h=H2
two mugs marbles | a=2 m=mug n=marbles l=0.5,0.7 h=H2 cat=Marbles
shoebox of postcards | a=1 m=shoebox n=postcards l=4.5,5.5
half a laundry basket of costumes | a=0.5 m=basket n=costumes l=20,25 cat=Dressing-up clothes
3 big bags of clothes | a=3 n=clothes l=15,120 cat=Spare clothes
2 crates of records | n=records l=40,90 cat=Audio stories
tub of wax crayons | a=null n=wax,crayons l=0.5,3 cat=Wax crayons
small box of nails | n=nails l=0.1,1.2 h=H4 cat=Nails and screws
large box of soft animals | n=soft,animals l=10,60 cat=Soft animals
4 tins of biscuit cutters | n=biscuit,cutters l=2,8 cat=Clay tools
bag of feathers | n=feathers l=0.5,8 cat=Feathers
sack of corks | m=sack n=corks l=50,65 cat=Corks
7 rolls of kitchen paper | a=7 n=kitchen,paper no=rolls l=10,30 cat=Kitchen roll
toilet rolls 24 | a=24 n=toilet,rolls l=20,50
wrapping paper 3 rolls | a=3 n=wrapping,paper l=1.5,8 cat=Gift wrap
12 sheets of stickers | a=12 n=stickers l=0.02,0.4 cat=Stickers
tissue paper 50 sheets | a=50 n=tissue,paper l=0.3,9 cat=Tissue and crepe paper
sandpaper, 10 sheets | a=10 n=sandpaper l=0.2,1 cat=Sandpaper
newspaper cuttings | n=newspaper,cuttings
denim 2.5 m | n=denim no=m l=1.2,6 cat=Fabric
3 yards cotton @imperial | n=cotton l=1.2,6 cat=Fabric
6 ft rope @imperial | n=rope l=0.05,2 h=H6
webbing 20 m | n=webbing l=0.3,4
1 m² felt | n=felt l=0.3,4
garden hose 15 m | a=null n=garden,hose l=15,100
A5 notebooks 9 | a=9 n=a5,notebooks s=null l=0.8,5 cat=Exercise books
C5 envelopes 100 | a=100 n=envelopes l=1,4 cat=Envelopes
size 5 football | a=null n=football s=null l=5,15 cat=Balls
no. 8 knitting needles | n=knitting,needles cat=Knitting needles
year 1 phonics books, 20 | a=20 n=phonics,books cat=First readers
4 mm crochet hook | a=null n=crochet,hook l=0.001,0.1
10 mm beads 300 | a=300 n=beads l=0.15,0.6
lamp 60 watt | a=null n=lamp
2 tb hard drive | a=null n=hard,drive
box of 12 crayons | a=12 n=crayons l=0.05,0.4 cat=Wax crayons
pack of 6 rubbers | a=6 n=rubbers l=0.03,0.3 cat=Rubbers and sharpeners
tubes of paint 24 | a=24 n=paint l=0.8,5
10 x 100 ml acrylic | a=10 n=acrylic s=null l=1,3 cat=Acrylic paint
500 ml pva | n=pva l=0.5,1.2 cat=Liquid glue
3 kg plaster | n=plaster s=null l=2,6
picnic blanket 150x200 | a=null n=picnic,blanket s=2000,1500 l=2,40
pinboard 60 x 90 cm | a=null n=pinboard s=900,600 l=5,20
curtains 2 pairs | n=curtains l=5,50
poster 50x70 | a=null n=poster s=700,500 l=0.02,3
photo frame 13 x 18 | a=null n=photo,frame s=180,130 l=0.2,1.5
plastic box 60x40x30 | a=null n=plastic,box s=600,400,300 l=20,80
shelf 80 cm wide | a=null n=shelf s=800
wooden blocks 4x4x4, 100 | a=100 n=wooden,blocks s=40,40,40 l=8,12
stickers 5 x 5 cm 200 | a=200 n=stickers s=50,50 l=0.05,0.6
puzzle (no box) 50x70 | a=null n=puzzle s=700,500 l=0.8,4
bin it: old slippers | n=slippers d=bin
rubbish - cracked plastic tub | n=tub d=bin c=broken
junk modelling boxes | n=junk,modelling d=null
sell: roller skates | n=roller,skates d=sell
car seat, give away | n=car,seat d=give away
toys for the charity shop | n=toys d=give away
pass baby clothes on to Ida | n=baby,clothes d=pass on
three library DVDs to return by Saturday | a=3 n=dvds d=return u=2026-11-28
return slip | n=return,slip d=null
bring back to school: recorder | n=recorder d=return cat=Recorders and flutes
borrowed from Jon: ladder | n=ladder d=return
hammer -> other room | n=hammer d=other room h=H4
move to garage: paint tins 3 | a=3 n=paint,tins d=other room
chuck dried up markers | n=markers d=bin c=dried out cat=Felt-tip pens
maybe keep the globe? | n=globe
warranty cards keep till 2028 | n=warranty,cards d=keep u=2028-12-31
school photos, keep until end of June 2030 | d=keep u=2030-06-30 h=H14
exchange by 10/01/2027: duvet cover | n=duvet,cover d=return u=2027-01-10
decide in 2 weeks - dress form | n=dress,form u=2026-12-10
sealed glue sticks 6 | a=6 n=glue,sticks c=sealed cat=Glue sticks
rusty scissors | n=scissors c=broken
stained tablecloth | n=tablecloth c=worn cat=Table covers
book with missing pages | n=book
doll without arm | n=doll
ripped costume, mend | n=costume c=broken
broken zip jacket | n=jacket c=broken
tractor | n=tractor cat=Large vehicles
teepee | n=teepee cat=Tents and tunnels l=8,80
model railway | n=railway cat=Wooden railway
toy microwave | n=microwave
doctor's bag | n=bag cat=Doctor set
sock puppets 5 | a=5 n=sock,puppets cat=Puppets
egg cartons 20 | a=20 n=egg,cartons cat=Clean packaging
shower curtain | n=shower,curtain
staple gun | n=staple,gun h=H4
drawing pins 1 box | n=drawing,pins h=H4,H2
paint stripper | n=paint,stripper h=H5
lighter fluid | n=lighter,fluid h=H5
rat poison | n=poison h=H5
candles and matches | n=candles,matches h=H4
pins in a tin | n=pins h=H4
balloons 30 | a=30 n=balloons h=H2 l=0.05,0.6
tiny figures | n=figures
knives for the kitchen | n=knives h=H4
window cord | n=cord h=H6
cable ties 100 | a=100 n=cable,ties
tax returns 2023 | h=H14 n=tax,returns
children's medical forms | h=H14 cat=Child records
thumb tacks | h=H4 n=thumb,tacks
small screws 50 | a=50 n=screws h=H4
iron | n=iron h=H4,H15
2 shoeboxes of plastic dinosaurs | a=2 m=shoebox n=plastic,dinosaurs l=9,11 cat=Toy animals
200 piece jigsaw puzzle, 3 pieces missing | a=null n=jigsaw,puzzle sp=200 sm=3 c=incomplete l=0.8,4 cat=Jigsaw puzzles
snakes and ladders, dice missing | a=null n=snakes,ladders c=incomplete cat=Board games l=1.5,6
magnetic tiles set of 60 | sp=60 n=magnetic,tiles l=1.5,5 cat=Magnetic tiles
memory 40 cards | a=null sp=40 n=memory cat=Memory games/Card games l=0.3,4
~15 hand puppets | a=15 n=hand,puppets l=8,35 cat=Puppets
about fifty crayons | a=50 n=crayons l=0.2,0.8 cat=Wax crayons
two hundred cotton reels | a=200 n=cotton,reels l=6,11 cat=Sewing thread
pair of roller skates | a=1,2 n=roller,skates l=5,40
4 pairs of pliers | a=4 n=pliers l=0.6,3 h=H4 cat=Hand tools
socks, 10 pairs | a=10,20 n=socks l=1,8 cat=Spare clothes
1/2 bag of stuffing | n=stuffing cat=Stuffing l=1,10
box of dominoes | n=dominoes cat=Dominoes l=0.3,6
box of lightbulbs | n=lightbulbs cat=Light bulbs l=0.5,16
jar of buttons and beads | n=buttons,beads l=0.3,1.2 h=H2
2 tubs of slime | a=2 n=slime l=0.3,4
bundle of pipe cleaners | n=pipe,cleaners l=0.2,6 cat=Pipe cleaners
5 pads of sticky notes | a=5 n=sticky,notes l=0.1,0.8 cat=Sticky notes
3 packs of wipes | a=3,300 n=wipes l=2,6 cat=Wet wipes
packs of napkins 4 | a=4,200 n=napkins
8 reels of washi tape | a=8 n=washi,tape l=0.15,1 cat=Sticky tape
ribbon 15 m | n=ribbon l=0.2,1.5 h=H6 cat=Ribbon
3 m x 1.4 m linen | n=linen cat=Fabric
corduroy, 80 cm | n=corduroy cat=Fabric l=0.3,2
A4 card 100 sheets | a=100 n=card l=1.2,3.5 cat=Card
wallpaper, 2 rolls | a=2 n=wallpaper l=4,20
200 photographs 10x15 | a=200 n=photographs s=150,100 l=0.6,1.2 h=H14 cat=Photographs
50 suspension files | a=50 n=suspension,files l=4,25 cat=Hanging files
7 lever arch files | a=7 n=lever,arch,files l=35,65 cat=Ring binders
20 dictionaries | a=20 n=dictionaries l=15,45 cat=Reference books
70 first readers | a=70 n=first,readers l=9,20 cat=First readers
set of encyclopaedias 12 volumes | n=encyclopaedias cat=Reference books
size 38 wellies 1 pair | a=1,2 n=wellies s=null l=2,14
nappies size 2, 4 packs | a=4,250 n=nappies s=null l=15,90 cat=Nappies
grade 2 readers 25 | a=25 n=readers s=null cat=First readers
20 AAA batteries | a=20 n=batteries l=0.05,0.4 cat=Batteries
3 way adapter | a=null n=adapter l=0.05,1.5 cat=Cables/Extension leads
24 inch tv | a=null n=tv l=5,80
world map A1 | a=null n=world,map s=null cat=Maps and charts l=0.02,5
felt pen set 24 colours | a=null n=felt,pen cat=Felt-tip pens
toy cash register | a=null n=cash,register l=2,20 cat=Shop and till
wooden dolls' cot | a=null n=cot l=10,120 cat=Dolls notcat=Nap blankets
sandwich boxes 6 | a=6 n=sandwich,boxes l=2,14
paint pots 12 | a=12 n=paint,pots l=1.5,8 cat=Paint pots and palettes notcat=Poster paint
glue gun sticks 30 | a=30 n=glue,gun,sticks cat=Glue sticks notcat=Glue guns
doll dresses 14 | a=14 n=doll,dresses cat=Doll clothes notcat=Dolls,Spare clothes
puppet theatre | a=null n=puppet,theatre cat=Dolls houses and play scenes notcat=Puppets
book ends 2 pairs | a=2,4 n=book,ends notcat=Picture books
card table | n=card,table cat=Furniture notcat=Card,Card games
toy box | n=toy,box
bean bag chair | n=chair cat=Bean bags/Furniture/Blankets and cushions l=80,600
camping stove | n=camping,stove
hole punch for belts | n=hole,punch cat=Hole punches
car charger | n=car,charger cat=Cables notcat=Toy cars
mouse mat | n=mouse,mat notcat=Toy animals
paper lanterns 9 | a=9 n=paper,lanterns cat=Autumn decorations
tape measure | n=tape,measure cat=Measuring tools notcat=Sticky tape
photo paper | n=photo,paper notcat=Photographs
paint scraper | n=paint,scraper
tea towels 8 | a=8 n=tea,towels l=1.5,25
shoe boxes, empty, 6 | n=shoe,boxes
ironing board | n=ironing,board l=20,120
jumpers, too small, for the charity shop | n=jumpers d=give away cat=Spare clothes
give to neighbour: baby bath | n=baby,bath
magazines 2019, to the recycling | n=magazines d=recycle
old receipts - bin | n=receipts d=bin cat=Receipts
skis, for sale | n=skis d=sell
bike, decide later by 1 March | n=bike d=decide later u=2027-03-01
library cds back before 3.12.2026, 4 | a=4 n=cds d=return u=2026-12-03
sell high chair on by january | n=high,chair d=sell
keepsake box Ida | n=keepsake,box d=null
bin lorry toy | n=bin,lorry d=null
return ticket | n=return,ticket d=null
donated books 30 | a=30 n=books
recycle symbol stickers | n=recycle,symbol,stickers d=null cat=Stickers
belongs in the shed: rake | n=rake d=other room
screwdriver, other room | n=screwdriver d=other room h=H4
not sure: box of cables | n=cables d=decide later cat=Cables
printer, broken, recycle | n=printer d=recycle c=broken
unopened nappies size 1, return to shop by Friday | n=nappies d=return u=2026-11-27 c=sealed cat=Nappies
good as new balance bike | n=balance,bike c=good
felts, half of them dried out | n=felts c=dried out
puzzle incomplete | n=puzzle c=incomplete cat=Jigsaw puzzles
kettle doesn't work | n=kettle c=broken
cracked beaker x 2 | a=2 n=beaker c=broken
shabby atlas | n=atlas c=worn cat=Atlases
wax for ski, opened | n=wax
frame 40 x 50 cm | a=null n=frame s=500,400 l=1,10
board 1.20 x 0.80 m | a=null n=board s=1200,800
tin 20 cm high | a=null n=tin s=200
string of lights 5 m | n=lights
stools 30 cm high, 4 | a=4 n=stools s=300
books 21x30x2, 10 | a=10 n=books s=300,210,20 l=11,16
2 ft ruler @imperial | a=null n=ruler s=610
5" x 7" prints, 40 @imperial | a=40 n=prints s=178,127 l=0.15,0.6
scalpel blades 10 | a=10 n=scalpel,blades h=H4 cat=Craft knives l=0.002,0.6
needle felting kit | n=needle,felting h=H4
turps | n=turps h=H5
washing machine tablets | n=tablets h=H5
insect spray | n=insect,spray h=H5
fertiliser | n=fertiliser h=H5
bubble wrap roll | n=bubble,wrap h=H6
hair ribbons 12 | a=12 n=hair,ribbons h=H6
marbles 40 | a=40 n=marbles h=H2 l=0.08,0.4
mini magnets strong 20 | a=20 n=magnets h=H3
lithium button cells CR2025 | n=cells h=H3
soldering iron | n=soldering,iron h=H4,H15
waffle iron | n=waffle,iron h=H15
payslips | n=payslips h=H14
password list | n=password,list h=H14
4 shoeboxes of doll clothes | a=4 m=shoebox n=doll,clothes l=18,22 cat=Doll clothes
150 piece puzzle, complete | a=null n=puzzle sp=150 l=0.8,5 cat=Jigsaw puzzles
mah-jong, 1 tile missing | n=mah,jong sm=1 c=incomplete
lacing beads, 30 pieces | a=30 n=lacing,beads l=0.2,2
set of 8 musical bells | sp=8 n=bells cat=Shakers and bells l=1,6
half a dozen recorders | a=6 n=recorders l=0.8,4 cat=Recorders and flutes
2 pairs of binoculars | a=2 n=binoculars l=0.8,4
pair of mittens | a=1,2 n=mittens l=0.2,2.5 cat=Hats and gloves
5 balls of string | a=5 n=string l=0.8,5 h=H6 cat=String and cord
3 tubes of glitter glue | a=3 n=glitter,glue l=0.1,1
2 reams A4 paper, white | a=2,1000 n=a4,paper l=5.5,8 cat=Copy paper
10 rolls of toilet paper | a=10 n=toilet,paper l=8,25
4 packs of balloons | a=4,400 n=balloons h=H2
box of board books | n=board,books l=4,25 cat=Cloth books
bag of shells | n=shells l=0.8,6 cat=Stones and shells
1/4 l beads | a=0.25 m=litre n=beads l=0.2,0.3 h=H2 cat=Beads
two mugs of nails | a=2 m=mug n=nails h=H4 l=0.5,0.7 cat=Nails and screws
8 m of lace | n=lace l=0.1,0.6
1.2 m linen | n=linen l=0.5,3 cat=Fabric
12" ruler @imperial | n=ruler s=305
6 trays 35x25 | a=6 n=trays s=350,250 l=2,20
30x40 cm picture frames, 5 | a=5 n=picture,frames s=400,300 l=2,20
20 cm dolls, 3 | a=3 n=dolls s=200 l=0.3,6
posters A2 x 15 | a=15 n=posters s=null l=0.3,6 cat=Maps and charts
size 6 shoes, 1 pair | a=1,2 n=shoes s=null l=1,8 cat=Shoes
3-in-1 printer | a=null n=printer l=15,80 cat=Office machines
felt 1 mm thick 20 sheets | a=20 n=felt l=0.6,5 cat=Felt sheets
60 W bulbs, 4 | a=4 n=bulbs l=0.8,4 cat=Light bulbs
12 volt drill | n=drill h=H4
year 4 workbooks x 28 | a=28 n=workbooks l=6,25 cat=Workbooks
toy castle, 2 towers broken | n=toy,castle c=broken l=15,120
mouldy sponge | n=sponge c=broken
unopened modelling clay 5 | a=5 n=clay c=sealed cat=Modelling clay
worn slippers - recycle | n=slippers d=recycle c=worn
keep forever box | n=box
sell doll's pram | n=pram d=sell cat=Dolls
pass jeans on to Nora | n=jeans d=pass on
back to library by 4 Dec: 3 comics | a=3 n=comics d=return u=2026-12-04 cat=Comics and magazines
pencils for the bin | n=pencils d=bin
swap shop leaflets | n=leaflets d=null
return labels 50 | a=50 d=null n=labels
globe -> chart room | n=globe
old nursery curtains, decide by Sunday | n=curtains u=2026-11-29
bills keep until 2029 | n=bills d=keep u=2029-12-31
charity: raincoats 4 | a=4 n=raincoats d=give away cat=Wet-weather wear
never throw away: baby album | n=baby,album d=keep
paint roller | n=paint,roller cat=Rollers and sponges
pen holder | n=pen,holder cat=Desk trays and stands notcat=Pens and pencils
book shelf | n=book,shelf cat=Furniture notcat=Picture books
button jar | n=button,jar h=H2
paper bag | n=paper,bag notcat=Copy paper
ball of wool red | n=wool cat=Wool notcat=Balls
card box | n=card,box
tin of paint | n=paint h=H5
label maker tape 3 | a=3 n=tape cat=Labels and label tape
night light | n=light cat=Lamps
bike helmet | n=bike,helmet cat=Ride-ons and scooters
sewing needles 2 packets | n=needles h=H4 cat=Needles and pins
paracetamol | n=paracetamol h=H5 cat=Medicines
extension reel | n=reel cat=Extension leads
curtain cord | n=cord h=H6
button battery pack | n=battery h=H3
staple remover | n=staple,remover cat=Staplers and punches
lighter | n=lighter h=H4
insurance policy | n=insurance h=H14 cat=Certificates
nail scissors | n=scissors h=H4
washing powder | n=powder h=H5 cat=Cleaning agents
hot glue gun | n=gun h=H4,H15 cat=Glue guns
4 jigsaws (100 pc), one missing 3 pcs | a=4 n=jigsaws no=3 sp=100 sm=3 c=incomplete l=5,20
crayons - a whole mug, mostly broken | a=1 m=mug n=crayons no=mostly c=broken
box of 24 wax crayons x3 | a=72 n=wax,crayons cat=Wax crayons
6 pr scissors | a=6 n=scissors no=pr
hot glue gun + 30 sticks | a=null n=glue,gun cat=Glue guns h=H4
12 ft bunting | a=3.6,3.7 m=metre n=bunting l=0.2,2
pack of 100 paper plates | a=100 n=paper,plates l=2,10 cat=Party supplies
staples, 5000 | a=5000 l=0.1,1 cat=Staplers and punches
pile of outgrown clothes -> give to sister | a=1 n=clothes no=give d=pass on
egg cartons for crafts ~15 | a=15 n=egg,cartons l=2,15
3 doz. coloured pencils | a=36 n=coloured,pencils no=doz
a gross of pencils | a=144 n=pencils no=gross
magnets (tiny) 50 | a=50 l=0.02,0.8 h=H3
2 boxes of tissues | a=2 l=2.5,7 cat=Tissues
board game, missing dice | a=null n=board,game c=incomplete notcat=Dice and counters
popsicle sticks (1000) | a=1000 l=1,4 cat=Lolly sticks
give to Nora: ballet shoes size 32 | n=ballet,shoes no=nora d=pass on
roll of brown paper 70cm x 10m | a=null n=brown,paper l=0.6,5 cat=Large paper
disposable gloves box of 100 | a=100 l=1,4 cat=Disposable gloves
dominoes set 28 | a=null sp=28 l=0.3,2 cat=Dominoes
tool kit 39 pieces, complete | a=null sp=39 l=6,35
roll of stickers 500 | a=null n=stickers l=0.05,1.5 cat=Stickers
curtain fabric 3 x 1.4 m | n=curtain,fabric s=3000,1400 l=2,9 cat=Fabric
plastic folders A4 50 | a=50 n=plastic,folders,a4 l=3,15
parachute 6 m | n=parachute l=3,40 cat=Balance and gym
library CDs due 3/12 | n=library,cds d=return u=2026-12-03
dozen or so crayons | a=12 n=crayons no=so
keep-net | n=keep d=null
finger puppets 14 in a tin | a=14 n=finger,puppets cat=Puppets
wooden spoons 25 for crafts | a=25 n=wooden,spoons
40 m wool, red | a=40 m=metre n=wool l=0.05,0.5 cat=Wool
offcuts of pine, crate | a=1 m=crate n=offcuts,pine cat=Scrap wood
bag of plaster 5 kg | a=5 m=kilogram n=plaster cat=Plaster and casting
label maker tape 12 mm x 5 | a=5 n=label,tape l=0.2,1.5 cat=Labels and label tape
play food, washing-up bowl full | a=1 m=bucket n=play,food cat=Play food
cot mobile | n=cot,mobile notcat=Computers and screens cat=Rattles and teethers
epi-pens 2 | a=2 h=H5 cat=Medicines
craft needles plastic 20 | a=20 n=craft,needles l=0.05,0.8 cat=Needles and pins
broken tablet -> recycling | n=tablet no=recycling d=recycle c=broken
camcorder tapes 35 | a=35 n=camcorder,tapes l=4,25 notcat=Sticky tape
wellies pairs 8 | a=8,16 n=wellies l=15,60 cat=Shoes
3-ring binder x 8 | a=8 n=binder l=40,90 cat=Ring binders
crayons 64 box | a=64 n=crayons l=0.2,1.5 cat=Wax crayons
test tubes 24 in rack | a=24 n=test,tubes s=null
tablets 15 with chargers | a=15 n=tablets cat=Computers and screens
8 pads of paper A4 | a=8 n=paper l=3,12
skittles set | n=skittles notcat=Board games cat=Bats and rackets
medical letters | n=letters h=H14 notcat=Envelopes cat=Household papers
wind-up toys 5 | a=5 n=toys notcat=Toy kitchen ware
3 puzzles: 24, 48 and 100 pieces | a=3 n=puzzles no=24,and,48 cat=Jigsaw puzzles
wooden train: engine + 5 wagons | a=1 n=wooden,train no=engine,wagons,+
bag for life full of ribbons | a=1 m=bag n=ribbons no=life,full cat=Ribbon
blocks: 2 shoeboxes and a bit | m=shoebox n=blocks
`;
