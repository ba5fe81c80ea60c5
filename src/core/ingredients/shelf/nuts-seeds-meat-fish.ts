/** Nuts, seeds, meat, fish and shellfish. */
export const nutsSeedsMeatFish = `
almond | almond; ground almond; flaked almond; blanched almond; almond flake; slivered almond; almond butter; prunus dulcis; amygdalus communis; chopped almond; almond milk powder; almond essence; almond extract; salted almond; marcona almond; nibbed almond; bitter almond | d=.45/.38/.6 n=21/50/7/4/12/0 w=5 in=nuts named job=structure packs=150,200 states=whole,ground,flaked,toasted
hazelnut | hazelnut; cobnut; filbert; hazelnut butter; chopped hazelnut; ground hazelnut; corylus avellana; roasted hazelnut; hazel nut; hazelnut meal | d=.5/.42/.6 n=15/61/6/4/9/0 w=5 in=nuts job=flavour packs=150
walnut | walnut; walnut half; juglans regia; chopped walnut; walnut piece; black walnut; pickled walnut; heartnut; butternut tree nut | d=.45/.38/.55 n=15/65/4/3/6/0 w=4 in=nuts packs=150
cashew | cashew; cashew nut; cashew butter; anacardium occidentale; cashew piece | d=.55/.48/.62 n=18/46/27/6/4/0 w=5 in=nuts packs=150
pecan | pecan; pecan nut; carya illinoiesis; carya illinoinensis; pecan half | d=.45/.38/.5 n=9/72/4/4/9/0 w=4 in=nuts packs=150
brazil-nut | brazil nut; bertholletia excelsa | d=.6/.5/.65 n=14/67/4/2/8/0 w=3 in=nuts packs=150
pistachio | pistachio; pistachio nut; pistacia vera; pistachio paste; pistachio kernel; slivered pistachio | d=.55/.48/.62 n=20/45/18/8/10/0 w=4 in=nuts packs=150
macadamia | macadamia; macadamia nut; queensland nut; macadamia ternifolia; macadamia butter | d=.55/.48/.6 n=8/76/5/5/9/0 w=2 in=nuts packs=150
mixed-nuts | mixed nut; nut; tree nut; chopped nut; chopped mixed nut; nut mix; ground nut; nut butter; trail mix; chopped nuts; toasted nut; nuts; nut meal; nut flour; nut paste; ginkgo nut | d=.5/.42/.6 n=18/53/10/5/8/0 w=4 in=nuts may=peanuts packs=200
pine-nut | pine nut; pine kernel; pignoli; pinoli; pinon | d=.6/.55/.68 n=14/69/4/4/4/0 w=3 in=nuts@us packs=100
chestnut | chestnut; sweet chestnut; chestnut puree; marron glacé; marron; vacuum-packed chestnut; tiger nut; tigernut; chestnut flour; castanea; horse chestnut | d=.6/.5/1.05 n=2/2.5/45/10/5/0 w=50
peanut | peanut; groundnut; monkey nut; salted peanut; arachis hypogaea; peanut flour; peanut brittle; roasted peanut; earth nut; beer nut; arachide; goober; goober pea | d=.62/.55/.7 n=26/49/16/5/8/0 w=5 in=peanuts may=nuts packs=200
peanut-butter | peanut butter; smooth peanut butter; crunchy peanut butter; groundnut paste; peanut paste; peanut spread; satay; satay sauce; peanut sauce | d=1.08/1.03/1.12 n=25/50/13/6/6/.9 w=2 in=peanuts may=soya,nuts job=flavour packs=340
sesame-seed | sesame seed; sesame; tahini; white sesame; black sesame; sesamum indicum; toasted sesame; gingelly; benne seed; til; simsim; sesame paste; sesame snap; sesame stick; halva; halvah; benne; sesame flour; tahina; tahin | d=.6/.55/1.05 n=18/55/10/1/9/0 w=5 in=sesame job=flavour packs=100,300
hummus | hummus; houmous; houmus; hommus; baba ganoush; baba ghanoush; moutabal; hummous; tahini sauce; falafel mix; falafel | d=1.03/.98/1.08 n=7/18/10/1/5/1 w=60 in=sesame may=gluten job=flavour packs=200
seeds | seed; hemp seed; mixed seed; melon seed; hemp heart; basil seed; lotus seed | d=.6/.5/.7 n=20/45/12/2/14/0 w=6 job=flavour packs=150
mustard | mustard; english mustard; dijon mustard; wholegrain mustard; mustard powder; mustard seed; french mustard; yellow mustard; american mustard; dijon; honey mustard; brassica juncea; sinapis alba; brassica nigra; mustard flour; german mustard; black mustard seed | d=1.05/.5/1.1 n=7/6/6/4/4/3 w=70 in=mustard may=sulphites,gluten job=emulsifier,flavour packs=185
chicken | chicken; chicken breast; chicken thigh; chicken drumstick; chicken wing; minced chicken; chicken mince; roast chicken; chicken leg; guinea fowl; pheasant; quail; pigeon; poultry; game; raw chicken; ground chicken; cooked chicken; partridge; capon; poussin; ostrich | e=150 n=21/4/0/0/0/.2 w=74 kind=meat packs=500
beef | beef; steak; rump steak; stewing steak; beef steak; brisket; sirloin; veal; ox cheek; roast beef; braising steak; goat meat; meat; bison; oxtail; beef fillet; horse; kangaroo; suckling pig; bone marrow; bone; ox tail | n=20/10/0/0/0/.15 w=68 kind=meat packs=500
ham | ham; prosciutto; parma ham; cooked ham; serrano ham; coppa; bresaola; pastrami; corned beef; salt beef; biltong; beef jerky; jerky; jamón; guanciale; cured ham; wafer ham | n=20/12/.5/.5/0/3 w=64 may=milk,soya,gluten,sulphites kind=meat packs=200
sausage | sausage; pork sausage; chipolata; sausage meat; sausagemeat; frankfurter; hot dog; black pudding; merguez; bratwurst; cocktail sausage; andouille; mortadella; lap cheong; white pudding; liver sausage; kabanos; bockwurst; polony; faggot; rissole; meat loaf; saveloy; boerewurst; boerewors; kebab meat; doner; doner meat; pâté; pate; liver pate; deli meat; luncheon meat | n=12/22/8/1/1/1.6 w=54 may=gluten,wheat,sulphites,milk,soya,mustard,celery,eggs kind=meat packs=454
vegetarian-sausage | vegetarian sausage; veggie sausage; vegan sausage; vegan burger; veggie burger; vegetarian burger; plant-based burger; vegan mince; vegetarian mince; meat substitute; vegan nugget; plant-based mince; vegan bacon; veggie mince; meat-free mince; vegan meatball; bean burger; plant-based sausage | may=gluten,wheat,soya,eggs,milk,celery,mustard
fish | fish; sea bass; seabass; bream; turbot; monkfish; fish fillet; whitebait; tilapia; catfish; milkfish; butterfish; oilfish; lumpfish; wolffish; parrotfish; bangus; bass; perch; carp; eel; swordfish; snapper; grouper; caviar; roe; fish roe; taramasalata; bonito; bonito flake; katsuobushi; dashi; fish stock; fish oil; cod liver oil; bottarga; rollmop; skate; pike; john dory; mullet; barramundi; basa; pangasius; dab; flounder; brill; ling; red snapper; mahi-mahi; arctic char; char; fish paste; fish burger; fish ball; zander; sturgeon; shark; ray; dogfish; rock salmon; fish stock cube; fish bone; smoked fish; fish pate; gentleman's relish; sild; orange roughy; sea bream; lutefisk; bummalo; bombay duck; fish powder; omega-3 fish oil; stockfish; fish gravy | n=19/5/0/0/0/.2 w=75 in=fish kind=fish packs=240
crustaceans | crustacean; lobster; crayfish; crawfish; langoustine; scampi; krill; shrimp paste; prawn cracker; belacan; terasi; dried shrimp; shrimp powder; gamba; yabby; ngapi; bagoong; prawn paste; spiny lobster; barnacle; goose barnacle; crab paste; kapi; norway lobster; glucosamine; shellfish; seafood | n=20/1/0/0/0/.6 w=77 in=crustaceans may=fish,molluscs kind=shellfish packs=200
molluscs | mollusc; mollusk; whelk; winkle; periwinkle; snail; escargot; abalone; limpet; squid ink; cuttlefish ink; clam juice; razor clam; land snail; conch; sea snail; geoduck; queen scallop; vongole; queenie; smoked oyster; smoked mussel | n=15/1.5/3/0/0/.8 w=80 in=molluscs may=crustaceans,fish kind=shellfish packs=200
turkey | turkey; turkey breast; turkey mince; minced turkey; turkey thigh; ground turkey | n=22/2/0/0/0/.15 w=75 kind=meat job=protein packs=500
duck | duck; duck breast; smoked duck; goose | n=19/6/0/0/0/.2 w=73 kind=meat job=protein
lamb | lamb; lamb mince; minced lamb; lamb chop; lamb shoulder; mutton; ground lamb; leg of lamb; lamb leg | n=19/13/0/0/0/.15 w=66 kind=meat job=protein packs=500
pork | pork; pork mince; pork chop; pork shoulder; pork loin; pork belly; gammon; minced pork; ground pork; pork fillet; pork ribs | n=21/7/0/0/0/.15 w=71 kind=meat job=protein packs=500
beef-mince | minced beef; beef mince; ground beef; mince; minced meat | n=20/12/0/0/0/.2 w=66 kind=meat job=protein packs=500
venison | venison; rabbit; hare; wild boar | n=22/2/0/0/0/.15 w=75 kind=meat job=protein
liver | liver; kidney; heart; tongue; tripe; chicken liver | n=20/4/2/0/0/.2 w=72 kind=meat job=protein
bacon | bacon; streaky bacon; back bacon; smoked bacon; pancetta; lardon; speck; bacon bit | e=25 n=17/22/.2/.2/0/3 w=58 may=milk,soya,sulphites kind=meat job=flavour packs=200
chorizo | chorizo; salami; pepperoni; nduja | n=23/35/2/1/0/4 w=36 may=milk,sulphites,soya,gluten kind=meat job=flavour packs=200
burger | burger; beefburger; beef burger; hamburger; burger patty; meatball; kofta | e=110 n=18/18/3/1/1/1 w=60 may=gluten,wheat,sulphites,soya,eggs,milk kind=meat job=protein
salmon | salmon; smoked salmon; tinned salmon; gravlax; lox; trout | e=130 n=20/13/0/0/0/.1 w=67 in=fish kind=fish job=protein
cod | cod; haddock; smoked haddock; plaice; sole; hake; pollock; pollack; coley; white fish; whiting; halibut | e=130 n=18/1/0/0/0/.2 w=80 in=fish kind=fish job=protein
tuna | tuna; tinned tuna | n=25/1/0/0/0/.6 w=73 in=fish kind=fish job=protein packs=145
mackerel | mackerel; smoked mackerel; sardine; pilchard; herring; kipper; sprat | e=90 n=19/14/0/0/0/.3 w=66 in=fish kind=fish job=protein packs=120
anchovy | anchovy; anchovies; anchovy paste | e=4 n=25/10/0/0/0/11 w=50 in=fish kind=fish job=flavour packs=50
fish-sauce | fish sauce; nam pla; nuoc mam; garum | d=1.2/1.15/1.25 n=5/0/4/4/0/23 w=70 in=fish kind=fish job=flavour packs=200
fish-fingers | fish finger; fishcake; fish cake | e=28 n=13/9/18/1/1/.7 w=58 in=fish,gluten,wheat may=milk,eggs,mustard kind=fish job=protein packs=300
surimi | surimi; crab stick; crabstick; seafood stick | e=17 n=8/.5/15/7/0/2 w=74 in=fish may=crustaceans,eggs,gluten,wheat,soya kind=fish packs=250
prawn | prawn; king prawn; tiger prawn; shrimp; brown shrimp | e=12 n=18/1/0/0/0/1 w=79 in=crustaceans kind=shellfish job=protein packs=200
crab | crab; crab meat; crabmeat; dressed crab | n=19/4/0/0/0/1 w=75 in=crustaceans kind=shellfish job=protein packs=100
mussel | mussel; oyster; clam; cockle; scallop | e=15 n=12/2/3/0/0/.8 w=81 in=molluscs kind=shellfish job=protein
squid | squid; calamari; octopus; cuttlefish | n=16/1.5/2/0/0/.3 w=79 in=molluscs kind=shellfish job=protein
oyster-sauce | oyster sauce; oyster extract | d=1.25/1.2/1.3 n=2/0/20/12/0/11 in=molluscs may=gluten,wheat,soya kind=shellfish job=flavour packs=250
sunflower-seed | sunflower seed; pumpkin seed; pepita | d=.55/.5/.64 n=20/48/15/3/8/0 w=5 job=flavour packs=200
poppy-seed | poppy seed; poppyseed | d=.58/.52/.65 n=18/42/9/3/20/0 w=6 job=flavour packs=100
linseed | linseed; flaxseed; flax seed; milled linseed; ground flaxseed; ground linseed; flax meal; flax | d=.6/.5/.7 n=18/42/2/2/27/.1 w=7 job=binder packs=200
chia | chia; chia seed | d=.68/.6/.75 n=17/31/8/0/34/0 w=6 job=gelling packs=200
`;
