/** Common foods with the allergens their usual recipes hold, and after a second line what is no false alarm (common practice). */
export const foodsOne = `
plain flour | gluten
self-raising flour | gluten
strong white bread flour | gluten
wholemeal flour | gluten
all-purpose flour | gluten
semolina | gluten
durum wheat | gluten
couscous | gluten
bulgur wheat | gluten
freekeh | gluten
seitan | gluten
vital wheat gluten | gluten
wheatgerm | gluten
bran flakes | gluten | milk,nuts,soya
malt extract | gluten
malt vinegar | gluten
pearl barley | gluten
rolled oats | gluten
oatmeal | gluten
oat bran | gluten
oat milk | gluten
muesli | gluten | nuts,milk,soya
cornflakes | gluten | nuts,milk,soya
bread | gluten | milk,soya,sesame,eggs
panko | gluten | milk,soya
dried breadcrumbs | gluten | milk,soya
sourdough | gluten | milk,soya,sesame,eggs
baguette | gluten | milk,soya,sesame,eggs
naan | gluten | milk,sesame,eggs
flour tortilla | gluten | milk,soya
croissant | gluten,milk | eggs,nuts,soya
brioche | gluten,milk,eggs | nuts,soya
puff pastry | gluten | milk,soya
filo pastry | gluten | soya
shortcrust pastry | gluten | milk,eggs,soya
pasta | gluten | eggs
spaghetti | gluten | eggs
fresh egg pasta | gluten,eggs
lasagne sheets | gluten | eggs
noodles | gluten | eggs
egg noodles | gluten,eggs
udon noodles | gluten | eggs
ramen | gluten | eggs
digestive biscuits | gluten | milk,soya
shortbread | gluten | milk,eggs,soya,nuts
crackers | gluten | milk,eggs,soya,nuts
sponge fingers | gluten,eggs | milk,soya
cake | gluten,eggs,milk | nuts,soya
pancakes | gluten,eggs,milk | nuts,soya
doughnuts | gluten,eggs,milk | nuts,soya
samosa | gluten | milk,eggs,soya
wonton wrappers | gluten | milk,eggs,soya
beer | gluten | sulphites
stout | gluten | sulphites
yeast extract | gluten | celery
tempura batter | gluten | milk,soya
seasoned flour | gluten
prawns | crustaceans
shrimps | crustaceans
crab meat | crustaceans
lobster | crustaceans | fish,molluscs
crayfish | crustaceans | fish,molluscs
scampi | crustaceans | fish,molluscs
shrimp paste | crustaceans | fish,molluscs
prawn crackers | crustaceans | fish,molluscs
egg white | eggs
egg yolks | eggs
3 whites | eggs
meringue | eggs | milk
mayonnaise | eggs | mustard,milk,celery,sulphites
aioli | eggs | mustard,milk,celery,sulphites
hollandaise sauce | eggs | mustard,milk,celery,sulphites
tartare sauce | eggs | milk,mustard,sulphites
quiche | gluten,eggs,milk | celery,soya,mustard
omelette | eggs
lemon curd | eggs,milk
marzipan | nuts | eggs
royal icing | | eggs,milk,soya
albumen | eggs
salad cream | eggs | mustard,milk,celery,sulphites
cod | fish
haddock fillet | fish
tinned tuna | fish
smoked salmon | fish
anchovies | fish
anchovy paste | fish
fish sauce | fish
nam pla | fish
fish fingers | fish,gluten | milk,eggs,mustard
Worcester-type sauce | fish,gluten | celery,soya,mustard
Worcestershire sauce | fish,gluten | celery,soya,mustard
Caesar dressing | fish,eggs,milk | mustard,gluten
taramasalata | fish
surimi | fish | crustaceans,eggs,gluten,soya
bonito flakes | fish
dashi | fish
kimchi | | fish,crustaceans,soya,gluten
peanut butter | peanuts | soya,nuts
groundnuts | peanuts | nuts
monkey nuts | peanuts | nuts
satay sauce | peanuts | soya,nuts
groundnut oil | peanuts
arachis oil | peanuts
soy sauce | soya,gluten
shoyu | soya,gluten
tamari | soya | gluten
teriyaki sauce | soya,gluten
tofu | soya | gluten
tempeh | soya | gluten
edamame beans | soya | gluten
miso paste | soya | gluten
soya milk | soya
soymilk | soya
soya flour | soya
textured vegetable protein | soya
hoisin sauce | soya | gluten,sesame
black bean sauce | soya | gluten,sesame
butter | milk
unsalted butter | milk
ghee | milk
clarified butter | milk
double cream | milk
crème fraîche | milk
sour cream | milk
buttermilk | milk
yoghurt | milk
Greek yogurt | milk
kefir | milk
skimmed milk powder | milk
condensed milk | milk
evaporated milk | milk
whey powder | milk
sodium caseinate | milk
casein | milk
cheddar | milk
Parmesan | milk | eggs
mozzarella | milk
halloumi | milk
feta | milk
paneer | milk
ricotta | milk
mascarpone | milk
brie | milk
Stilton | milk
Gruyère | milk
quark | milk
cream cheese | milk
goat’s cheese | milk
fromage frais | milk
custard | milk | eggs,gluten
custard powder | | milk,gluten
ice cream | milk | eggs,gluten,nuts,soya
white sauce | milk,gluten
caramel sauce | milk | soya
fudge | milk | soya
milk chocolate | milk,soya | nuts,gluten
white chocolate | milk,soya | nuts,gluten
dark chocolate | | milk,soya,nuts,gluten
chocolate chips | milk,soya | nuts,gluten
hot chocolate powder | milk | soya
margarine | | milk,soya
low-fat spread | | milk,soya
lactose-free milk | milk
goat milk | milk
ground almonds | nuts
flaked almonds | nuts
almond flour | nuts
almond milk | nuts
cashew butter | nuts
`;
