/** More common foods with the allergens their usual recipes hold, and after a second line what is no false alarm (common practice). */
export const foodsTwo = `
cashew cheese | nuts
hazelnut spread | nuts,milk,soya
chocolate hazelnut spread | nuts,milk,soya
praline | nuts | eggs,milk,soya
nougat | nuts | eggs,milk,soya
frangipane | nuts,eggs | gluten,milk
amaretti | nuts,eggs | gluten,milk
baklava | nuts,gluten | milk,sesame,peanuts
walnut oil | nuts
pesto | milk | nuts,eggs,soya
chopped mixed nuts | nuts | peanuts
trail mix | nuts | peanuts
pecan pie | nuts
celeriac | celery
celery salt | celery
celery seed | celery
stock cube | celery | gluten,milk,soya,eggs,mustard
vegetable bouillon | celery | gluten,milk,soya,eggs,mustard
bouillon cube | celery | gluten,milk,soya,eggs,mustard
mustard powder | mustard | gluten,sulphites
Dijon mustard | mustard | gluten,sulphites
wholegrain mustard | mustard | gluten,sulphites
mustard seeds | mustard | gluten,sulphites
curry powder | | mustard,celery,gluten,sesame
Thai green curry paste | | crustaceans,fish,mustard,celery,gluten,milk,soya,nuts,peanuts,sesame
piccalilli | | mustard,sulphites,celery,gluten
tahini | sesame
hummus | sesame | gluten
houmous | sesame | gluten
halva | sesame
sesame oil | sesame
za'atar | sesame | nuts,gluten
dukkah | sesame | nuts,gluten
white wine | sulphites
red wine | sulphites
cider | sulphites
dried apricots | sulphites
glacé cherries | sulphites
mixed peel | sulphites
raisins | | sulphites
wine vinegar | | sulphites
lupin flour | lupin
lupini beans | lupin
mussels | molluscs
oysters | molluscs
squid | molluscs
calamari | molluscs
scallops | molluscs
oyster sauce | molluscs | gluten,soya
squid ink | molluscs | fish,crustaceans
snails | molluscs | fish,crustaceans
clams | molluscs
pork sausages | | gluten,sulphites,milk,soya,mustard,celery,eggs
chorizo | | milk,sulphites,soya,gluten
beefburgers | | gluten,sulphites,soya,eggs,milk
black pudding | | gluten,sulphites,milk,soya,mustard,celery,eggs
haggis | | gluten,sulphites,milk,soya,mustard,celery,eggs
gravy granules | | gluten,milk,soya,celery
tinned tomato soup | | celery,gluten,milk,soya,eggs,mustard
ketchup | | celery,gluten
vegetable suet | gluten
macaroni cheese | milk,gluten | eggs,celery,soya,mustard
liquorice | gluten | soya,milk
gluten-free flour |
gluten-free oats |
gluten-free pasta | | eggs
gluten-free soy sauce | soya
dairy-free spread | | soya,nuts
egg-free mayonnaise | | soya,mustard
nut-free granola | gluten | milk,soya
vegan mayonnaise | | soya,mustard
vegan cheese | | nuts,soya
corn flour |
cornflour |
rice flour |
rice noodles |
chickpea flour |
buckwheat flour |
tapioca starch |
polenta |
coconut | | sulphites
coconut milk | | sulphites
desiccated coconut | | sulphites
nutmeg |
butternut squash |
oyster mushrooms |
chestnut mushrooms |
cream of tartar |
cocoa butter |
cocoa powder |
shea butter |
water chestnuts |
chestnuts |
butter beans |
eggplant |
crab apples |
kidney beans |
pine nuts |
rice milk |
cream crackers | gluten | milk,eggs,soya,nuts
sunflower lecithin |
sunflower seeds |
poppy seeds |
gelatine |
agar |
pectin |
bicarbonate of soda |
baking powder |
dried yeast |
caster sugar |
icing sugar |
golden syrup |
honey |
black treacle |
maple syrup |
vanilla extract |
citric acid |
lemon juice |
distilled vinegar | | sulphites
table salt |
olive oil |
sunflower oil |
lard |
tomatoes |
tomato purée |
potatoes |
carrots |
onions |
garlic cloves |
apples |
pears |
bananas |
pineapple |
strawberries |
lentils |
chickpeas |
sweetcorn |
peas |
spinach |
chicken breast |
minced beef |
turkey mince |
pork loin |
parsley |
ground cinnamon |
turmeric |
ground ginger |
black pepper |
instant coffee |
tea |
tap water |
cake without nuts | gluten,eggs,milk | soya
hollandaise | eggs,milk | sulphites,celery,mustard
haggis | gluten | milk,eggs,mustard,celery,sulphites,soya
fish pie | fish,milk | crustaceans,molluscs,gluten,eggs,mustard,celery
lebkuchen | nuts,gluten,eggs | milk,soya,sulphites
chicken kiev | gluten | milk,eggs,soya,celery,mustard
prawn toast | crustaceans,gluten,sesame | eggs,soya,milk
clam chowder | milk,molluscs | fish,crustaceans,gluten,celery
beef suet | | gluten
asafoetida | | gluten
irish cream liqueur | milk |
porridge | gluten | milk
apple crumble | gluten | milk,nuts
scotch eggs | eggs,gluten | milk,sulphites,soya,mustard
mince pies | gluten | milk,eggs,sulphites,nuts
cous cous | gluten
battered cod | gluten,fish | milk,soya
kedgeree | fish,eggs | milk,mustard,celery
Waldorf salad | celery,nuts,eggs | mustard,milk
`;
