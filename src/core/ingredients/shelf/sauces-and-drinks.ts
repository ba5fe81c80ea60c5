/** Sauces, stocks, chocolate, coffee, tea and drinks with alcohol. */
export const saucesAndDrinks = `
soy-sauce | soy sauce; soya sauce; shoyu; light soy sauce; dark soy sauce; kecap manis; ketjap manis; sweet soy sauce; reduced-salt soy sauce; teriyaki; teriyaki sauce; ponzu; stir-fry sauce; sukiyaki sauce; yakitori sauce; mushroom soy | d=1.17/1.1/1.25 n=8/0/6/1/0/15 w=67 in=soya,gluten,wheat job=flavour packs=150
tamari | tamari; gluten-free soy sauce; tamari soy sauce; gluten free soy sauce | d=1.17/1.1/1.25 n=10/0/6/2/0/16 w=65 in=soya job=flavour packs=150
coconut-aminos | coconut aminos | d=1.17/1.1/1.25 job=flavour
worcester-sauce | worcester sauce; worcestershire sauce; worcester-type sauce; worcestershire; worcester | d=1.15/1.1/1.2 n=1/0/22/20/0/3 w=70 in=fish,gluten may=celery,soya,mustard job=flavour packs=150
brown-sauce | tomato sauce; pasta sauce; pizza sauce; piri piri sauce; sweet and sour sauce; plum sauce; marinara; arrabbiata; buffalo sauce; harissa; harissa paste; mole; mint sauce; cranberry jelly; bolognese; bolognese sauce; ragu; enchilada sauce; adobo; chipotle paste; peri peri; romesco; curry sauce; tikka masala; korma; cooking sauce; jar of sauce; dipping sauce; sauce; dressing; salad dressing; vinaigrette; french dressing; italian dressing; marinade; tapenade; olive tapenade; chimichurri; jerk marinade; jerk paste | d=1.1/1/1.2 n=1/.5/20/17/1/2 w=72 may=celery,mustard,gluten,wheat,fish,milk,eggs,soya,sulphites,nuts job=flavour packs=460
mayonnaise | mayonnaise; mayo; aioli; light mayonnaise; salad cream; garlic mayonnaise; remoulade; thousand island; marie rose sauce; burger sauce; coleslaw; potato salad; egg salad; thousand island dressing; sandwich spread; aïoli; chipotle mayo | d=.95/.92/1.02 n=1/75/2/1/0/1.2 w=20 in=eggs may=mustard,milk,celery,sulphites job=emulsion packs=400
vegan-mayonnaise | vegan mayonnaise; vegan mayo; egg-free mayonnaise; egg free mayonnaise; plant-based mayonnaise; eggless mayonnaise; egg-free mayo | d=.95/.92/1.02 may=soya,mustard job=emulsion
caesar-dressing | caesar dressing; caesar; caesar salad | in=eggs,fish,milk may=mustard,gluten job=flavour
ranch-dressing | ranch dressing; blue cheese dressing; ranch; sour cream dip; cheese dip; alfredo; alfredo sauce; cheese and chive dip; spinach dip | in=milk may=eggs,mustard,gluten,celery job=flavour
pesto | pesto; green pesto; basil pesto; red pesto; genovese pesto; pesto genovese; pesto rosso; pesto sauce | d=1/.95/1.05 n=5/40/6/2/2/2.5 w=40 in=milk may=nuts,nuts@us,eggs,soya job=flavour packs=190
stock | stock; chicken stock; beef stock; vegetable stock; broth; vegetable broth; chicken broth; beef broth; bone broth; lamb stock; ham stock; turkey stock; consommé; consomme; court bouillon | d=1/.99/1.02 n=1/.3/.5/.3/0/.8 w=97 may=celery,gluten job=liquid
stock-cube | stock cube; vegetable stock cube; chicken stock cube; beef stock cube; bouillon; bouillon cube; stock powder; bouillon powder; stock pot; vegetable bouillon; lamb stock cube; stock concentrate; stew; cup soup; minestrone; broth mix; soup powder | d=.9/.7/1.1 e=10 n=10/15/30/5/1/45 w=4 in=celery may=gluten,wheat,milk,soya,eggs,mustard job=flavour packs=80
curry-paste | curry paste; thai curry paste; red curry paste; green curry paste; massaman paste; tikka paste; korma paste; laksa paste; tom yum paste; tom yum; rendang paste; madras paste; balti paste; panang paste; yellow curry paste; vindaloo paste; thai green curry; tandoori paste; rogan josh paste; thai paste; nam prik pao; xo sauce | d=1.05/1/1.12 may=crustaceans,fish,mustard,celery,gluten,milk,soya,nuts,peanuts,sesame job=flavour packs=180
olive | olive; black olive; green olive; stuffed olive; vine leaf; pitted olive; kalamata olive; jarred pepper | d=.65/.55/.75 e=4 n=1/15/3/0/3/3 w=75 may=sulphites job=flavour
seaweed | seaweed; nori; kombu; wakame; dulse; kelp; laver; sushi nori; sea lettuce; spirulina; chlorella | d=.1/.05/.3 may=crustaceans,molluscs,fish job=flavour
cocoa | cocoa; cocoa powder; unsweetened cocoa; dutch cocoa; cacao; cacao powder; dutch-process cocoa; cocoa nib; cacao nib; cocoa mass; cocoa bean; natural cocoa | d=.42/.36/.5 n=20/21/14/1/30/0 w=4 named job=flavour,browning packs=125,250
drinking-chocolate | drinking chocolate; hot chocolate powder; hot chocolate; instant chocolate; chocolate milk; chocolate powder; chocolate mousse; chocolate pudding; chocolate sauce; chocolate custard | d=.6/.5/.7 n=6/6/77/73/6/.3 may=soya in=milk job=flavour packs=300
dark-chocolate | dark chocolate; plain chocolate; bitter chocolate; dark chocolate chip; semi-sweet chocolate; bittersweet chocolate; cooking chocolate; 70% chocolate; couverture; unsweetened chocolate; dark chocolate drop; baking chocolate; plain chocolate chip | d=.65/.55/1.25 n=7/36/46/40/9/0 w=1 may=milk,soya,nuts,gluten named is=chocolate job=flavour packs=100,200 states=chopped,melted
milk-chocolate | milk chocolate; chocolate; chocolate chip; chocolate drop; chocolate bar; chocolate button; milk chocolate chip; chocolate flake; chocolate coating; chocolate chunk; chocolate egg; chocolate sprinkle; ruby chocolate; chocolate truffle; ganache; chocolate fudge; chocolate curl; easter egg | d=.65/.55/1.25 n=8/30/57/56/2/.2 w=1 in=milk,soya may=nuts,gluten named is=chocolate job=flavour packs=100,200 states=chopped,melted
vegan-chocolate | vegan chocolate; dairy-free chocolate; dairy free chocolate; vegan chocolate chip; dairy-free chocolate chip | may=soya,nuts,milk job=flavour
coffee | coffee; instant coffee; espresso; ground coffee; coffee powder; coffee bean; espresso powder; decaf coffee; black coffee; brewed coffee; coffee granule; strong coffee; chicory coffee | d=.3/.2/1 n=.1/0/.3/0/0/0 w=98 job=flavour
tea | tea; green tea; black tea; tea bag; teabag; matcha; earl grey; herbal tea; rooibos; kombucha; chai; matcha powder; mint tea; peppermint tea; chamomile tea; fruit tea; oolong | d=1/.2/1 n=0/0/.2/0/0/0 w=99 job=flavour
wine | wine; red wine; white wine; sparkling wine; prosecco; champagne; port; sherry; madeira; marsala; vermouth; mirin; mulled wine; rice wine; shaoxing wine; cooking wine; sake; dessert wine; cava; fortified wine; alcohol-free wine; mead; plum wine; shaoxing | d=.99/.98/1.1 n=.1/0/2.6/.6/0/0 w=86 a=10 in=sulphites job=liquid packs=750
beer | beer; ale; lager; stout; porter; pale ale; bitter beer; wheat beer; alcohol-free beer; brown ale; barley wine; shandy; pilsner; barley water; kvass | d=1.01/1/1.02 n=.4/0/3/0/0/0 w=92 a=4 in=gluten may=sulphites,wheat job=liquid packs=500
spirits | cognac; kirsch; liqueur; tequila; bourbon; calvados; triple sec; limoncello; coffee liqueur; orange liqueur; ethanol; alcohol; calvados brandy; grappa; ouzo; sambuca; schnapps; isopropyl | d=.94/.79/1.1 n=0/0/1/1/0/0 w=60 a=32 job=flavour packs=350
cream-liqueur | cream liqueur; irish cream; irish cream liqueur | in=milk job=flavour
amaretto | amaretto; nut liqueur; hazelnut liqueur; nocino; crème de noix | may=nuts job=flavour
ketchup | ketchup; tomato ketchup; catsup | d=1.15/1.1/1.2 n=1/.1/25/23/1/2 w=70 may=celery,gluten job=flavour packs=460
chilli-sauce | chilli sauce; sweet chilli sauce; hot sauce; sriracha; pepper sauce; sambal; sambal oelek | d=1.15/1/1.25 n=.5/.3/40/38/1/2 may=sulphites,fish,crustaceans job=flavour packs=150
barbecue-sauce | barbecue sauce; bbq sauce; brown sauce; steak sauce | d=1.15/1.1/1.25 n=1/.3/30/26/1/2 may=gluten,mustard,celery,fish,soya job=flavour packs=250
guacamole | guacamole; salsa; dip | d=1/.9/1.05 may=milk,sulphites,eggs,sesame job=flavour
gravy-granules | gravy granule; gravy powder; gravy | d=.65/.55/1.05 n=4/30/45/4/1/9 may=gluten,wheat,milk,soya,celery job=sauce packs=170
soup | soup; tomato soup; vegetable soup; mushroom soup; chicken soup; lentil soup; packet soup; instant soup; soup mix | d=1.02/.6/1.05 may=celery,gluten,wheat,milk,soya,eggs,mustard job=liquid packs=400
avocado | avocado | e=170 d=.62/.55/.95 n=2/20/2/.5/3/0 w=73 job=fat
caper | caper; caperberry; pickled caper | d=.6/.5/.7 n=2/1/2/0/3/7 w=84 may=sulphites job=flavour packs=100
cider | cider; dry cider; perry; hard cider; apple cider | d=1.01/1/1.03 w=93 a=4.5 in=sulphites job=liquid packs=500
rum | rum; dark rum; brandy; vodka; whisky; whiskey; gin; spirit | d=.95/.94/.96 w=62 a=32 job=flavour packs=350
white-chocolate | white chocolate; white chocolate chip; white chocolate button | d=.65/.55/1.25 n=7/32/59/59/0/.2 w=1 in=milk,soya may=nuts,gluten is=chocolate job=flavour packs=100
hollandaise | hollandaise; hollandaise sauce; béarnaise; bearnaise; béarnaise sauce; bearnaise sauce | in=eggs,milk may=sulphites,celery,mustard kind=egg
asafoetida | asafoetida; hing | may=gluten,wheat job=flavour
mincemeat | mincemeat; mince meat fruit | may=sulphites,gluten,nuts
`;
