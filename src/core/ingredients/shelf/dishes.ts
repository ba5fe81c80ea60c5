/** Dishes by name: what usually stands in them, so that their allergens speak. */
export const dishes = `
sushi | sushi; sushi roll; nigiri; maki; onigiri | in=fish may=soya,gluten,crustaceans,sesame,eggs
quiche | quiche; quiche lorraine; quiche filling; savoury tart; toad in the hole; french toast; bread and butter pudding; bread pudding; arancini; soufflé; souffle | in=milk,gluten,wheat,eggs may=celery,soya,mustard
macaroni-cheese | macaroni cheese; mac and cheese; cauliflower cheese; pasta bake; croque monsieur; potato gratin; gratin; moussaka; croquette | in=milk,gluten,wheat may=eggs,celery,soya,mustard
scotch-egg | scotch egg | e=110 in=eggs,gluten,wheat may=milk,sulphites,soya,mustard kind=meat
mince-pie | mince pie | e=60 in=gluten,wheat may=milk,eggs,sulphites,nuts
trifle | trifle | in=milk,gluten,wheat,eggs may=sulphites,nuts,soya kind=dairy
tiramisu | tiramisu; tiramisù | in=milk,eggs,gluten,wheat may=sulphites,soya kind=dairy
kedgeree | kedgeree | in=fish,eggs may=milk,mustard,celery kind=fish
paella | paella; seafood paella | may=crustaceans,molluscs,fish,celery,sulphites
bhaji | bhaji; onion bhaji; pakora | may=gluten,wheat,mustard,milk,eggs
carbonara | carbonara; carbonara sauce | in=eggs,milk may=gluten,celery,mustard kind=egg
baklava | baklava | in=nuts,gluten,wheat may=milk,sesame,peanuts
haggis | haggis | in=gluten may=milk,eggs,mustard,celery,sulphites,soya kind=meat
fish-pie | fish pie | in=fish,milk may=crustaceans,molluscs,gluten,eggs,mustard,celery kind=fish
bouillabaisse | bouillabaisse; cioppino; zarzuela; fish stew; seafood stew | in=fish,crustaceans,molluscs may=celery,gluten,milk,eggs kind=fish
churros | churro; churros | in=gluten,wheat may=milk,eggs,soya
porridge | porridge | in=gluten may=milk
risotto | risotto | may=milk,celery,sulphites
dim-sum | dim sum; bao bun; bao | in=gluten,wheat may=crustaceans,soya,eggs,sesame,fish,molluscs
tabbouleh | tabbouleh; tabouleh; tabouli | in=gluten,wheat
roux | roux | in=gluten,wheat may=milk
crumble | crumble; crumble topping; apple crumble; fruit crumble; streusel | in=gluten,wheat may=milk,nuts
battenberg | battenberg; battenberg cake | in=gluten,wheat,eggs,nuts may=milk,soya,sulphites
lebkuchen | lebkuchen; linzer torte; linzertorte; florentine | in=nuts,gluten,wheat,eggs may=milk,soya,sulphites
breaded-meat | chicken nugget; nugget; chicken kiev; schnitzel; chicken goujon; goujon; breaded chicken; southern fried chicken; cordon bleu | in=gluten,wheat may=milk,eggs,soya,celery,mustard kind=meat
clam-chowder | clam chowder | in=milk,molluscs may=fish,crustaceans,gluten,celery kind=fish
chowder | chowder; fish chowder; corn chowder | in=milk may=fish,molluscs,crustaceans,gluten,celery
lobster-bisque | lobster bisque; crab bisque; bisque | in=crustaceans may=milk,gluten,celery,fish,sulphites kind=fish
prawn-cocktail | prawn cocktail | in=crustaceans,eggs may=mustard,milk,fish kind=fish
prawn-toast | prawn toast; sesame prawn toast | in=crustaceans,gluten,wheat,sesame may=eggs,soya,milk kind=fish
eggnog | eggnog; advocaat | in=eggs may=milk kind=egg
coated-potato | hash brown; oven chip; potato waffle; potato wedge; rosti; potato croquette | may=gluten,wheat,milk,eggs
waldorf-salad | waldorf salad | in=celery,nuts,eggs may=mustard,milk
`;
