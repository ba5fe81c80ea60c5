/** Fruit, vegetables, pulses, herbs and spices. */
export const fruitAndVegetables = `
apple | apple; bramley apple; bramley; cooking apple; eating apple; granny smith; dessert apple; crab apple; gala apple; braeburn; apple slice | e=150 d=.5/.42/.6 n=.4/.1/13/11/2/0 w=86 named kind=plant states=whole,peeled,grated
pear | pear; conference pear; asian pear; nashi; quince; tinned pear; williams pear | e=170 d=.6/.5/.7 n=.4/.1/11/11/2.7/0 w=84 named
banana | banana; ripe banana; plantain; banana chip; mashed banana | e=120 d=.63/.55/.95 n=1.2/.2/21/18/1.4/0 w=75 named
orange | orange; blood orange; orange segment; orange zest; orange peel; zest of an orange; orange rind; kumquat; bergamot; seville orange; navel orange | e=180 d=.7/.6/.8 n=.9/.1/8/8/1.8/0 w=87
lemon | lemon; lemon zest; lemon peel; unwaxed lemon; lemon rind; preserved lemon; zest of one lemon; lime leaf; kaffir lime leaf; makrut lime leaf; yuzu; lemon slice; citron | e=100 n=1/.3/3/3/2/0 w=89
bottled-lemon-juice | bottled lemon juice; lemon juice from concentrate; bottled lime juice; lime juice from concentrate; lemon juice concentrate | d=1.03/1.02/1.04 n=.3/.2/2/2/0/0 w=92 may=sulphites acid=citric:5 job=acid packs=250
lemon-juice | lemon juice; juice of a lemon; juice of one lemon; juice of half a lemon; lime juice; juice of lemon; juice of lime; fresh lemon juice | d=1.03/1.02/1.04 n=.3/.2/2/2/0/0 w=92 loose=lemon acid=citric:5 named job=acid packs=250
orange-juice | orange juice; juice of an orange; juice of one orange; grapefruit juice; clementine juice | d=1.04/1.03/1.05 n=.6/.1/9/9/.2/0 w=89 acid=citric:.9 job=liquid packs=1000
apple-juice | apple juice; pear juice; grape juice; white grape juice; cherry juice; blackcurrant juice; cranberry juice; pineapple juice; fruit juice; mango juice; pomegranate juice; juice; beetroot juice; peach juice; passion fruit juice; carrot juice; prune juice; verjuice | d=1.04/1.03/1.06 n=.3/.1/11/11/.2/0 w=88 may=sulphites job=liquid packs=1000
tomato-juice | tomato juice; vegetable juice; passata; tomato passata; sieved tomato; vegetable cocktail juice | d=1.03/1.01/1.05 n=1/.2/4/4/.8/.3 w=93 may=celery job=liquid packs=500
pineapple | pineapple; pineapple chunk; pineapple ring; tinned pineapple; fresh pineapple; pineapple piece | e=900 d=.7/.6/.8 n=.5/.1/12/10/1.3/0 w=86
tropical-fruit | dragon fruit; star fruit; persimmon; sharon fruit; jackfruit; durian; soursop; rambutan; prickly pear; longan; physalis; feijoa | e=75 d=.65/.55/.75 n=.9/.4/12/10/2/0 w=84
strawberry | strawberry; mixed berry; berry; frozen berry; summer fruit; elderberry; mulberry; fresh fruit; fruit; sea buckthorn; freeze-dried strawberry; fruit puree; fruit purée; strawberry puree; rosehip; acai; goji; cloudberry | d=.6/.5/.75 n=.8/.3/7/6/3/0 w=89
cherry | cherry; sour cherry; sloe; stewed fruit; fruit cocktail; fruit salad; tinned fruit | e=60 d=.65/.55/.75 n=.9/.1/11/10/1.5/0 w=85 may=sulphites states=stoned
glace-cherry | glacé cherry; glace cherry; candied fruit; candied peel; mixed peel; maraschino cherry; cocktail cherry; crystallised ginger; stem ginger; candied ginger; crystallised fruit; angelica | d=.75/.65/.85 n=.4/0/70/66/1/0 w=24 in=sulphites job=flavour packs=200
raisin | raisin; currant; mixed dried fruit; dried fruit; dried cranberry; dried mango; dried pineapple; dried apple; vine fruit; dried blueberry; dried cherry; zante currant; dried banana; dried papaya; dried coconut; fruit leather | d=.65/.6/.72 n=2.5/.5/70/68/4/0 w=18 may=sulphites job=sweetener packs=500
dried-apricot | dried apricot; dried peach; dried pear; soft dried apricot | d=.6/.5/.7 e=8 n=4/.5/40/39/7/0 w=30 in=sulphites job=flavour packs=250
unsulphured-apricot | unsulphured apricot; unsulphured dried apricot; organic dried apricot; sulphite-free dried apricot | d=.6/.5/.7 e=8 n=4/.5/40/39/7/0 w=30
coconut | coconut; desiccated coconut; coconut flake; shredded coconut; toasted coconut; coconut chip; fresh coconut; grated coconut; coconut shred; coconut meat | d=.36/.3/.42 n=6/62/7/6/20/0 w=3 may=sulphites job=flavour packs=200
potato | potato; new potato; baking potato; mashed potato; potato flake; waxy potato; floury potato; king edward; maris piper; instant mash; cassava; taro; chips; french fry; wedge; jerusalem artichoke; jacket potato; yuca | e=180 d=.65/.6/.75 n=2/.1/17/1/2/0 w=79 states=raw,peeled,cooked,mashed
dehydrated-potato | dehydrated potato; dried potato; instant potato; prepared horseradish; potato powder | may=sulphites,milk
carrot | carrot; grated carrot; turnip; swede; radish; daikon; rutabaga; kohlrabi; mooli; salsify; baby carrot; pickled beetroot; celtuce | e=80 d=.5/.42/.65 n=.6/.4/8/7/3/.1 w=88
celery | celery; celery stick; celeriac; celery leaf; celery stalk; celery root; apium graveolens; celery heart; celery juice | e=40 d=.45/.4/.55 n=.5/.2/1/1/1.2/.2 w=95 in=celery
onion | onion; red onion; white onion; brown onion; onion powder; dried onion; fried onion; caramelised onion; garlic puree; wild garlic; pickled onion; onion granule; ramson; onion flake | e=120 d=.5/.42/.62 n=1/.1/8/6/2/0 w=89 states=whole,chopped
tomato | tomato; cherry tomato; plum tomato; beef tomato; vine tomato; tomato powder; green tomato | e=85 d=.75/.65/1.05 n=.9/.2/3.5/3.3/1.2/0 w=94
leafy-greens | kale; chard; rocket; watercress; salad; pak choi; bok choy; brussels sprout; endive; chicory; radicchio; spring green; collard; nettle; sauerkraut; lamb's lettuce; dandelion; sorrel; samphire; arugula; purslane; moringa | d=.2/.1/.35 n=2/.4/3/2/2.5/.1 w=91
mustard-greens | mustard green; mustard leaf; salad cress; mustard and cress; mustard cress | in=mustard d=.2/.1/.3
kimchi | kimchi; kimchee | may=fish,crustaceans,soya,gluten d=.9/.7/1
broccoli | broccoli; tenderstem; artichoke; artichoke heart; okra; hearts of palm; palm heart; cardoon; lotus root; globe artichoke | d=.35/.3/.45 n=3/.4/4/2/3/0 w=89
cucumber | cucumber; gherkin; gourd; pattypan; spaghetti squash; cornichon; pimento; pimiento; mixed vegetable; vegetable; chayote; bitter melon; courgetti; root vegetable; stir-fry vegetable; frozen vegetable; roasted vegetable; snake gourd | e=160 d=.55/.45/.65 n=.8/.2/3/2.5/1.2/0 w=94
piccalilli | piccalilli; mustard pickle; mustard relish; mustard chutney | d=1.2/1.1/1.3 in=mustard may=sulphites,celery,gluten job=flavour
pickle | pickle; chutney; mango chutney; pickled vegetable; dill pickle; relish; sweet pickle; pickled cucumber; lime pickle; onion chutney; tomato chutney; brinjal pickle; caponata; giardiniera | d=1.2/1.1/1.3 may=mustard,sulphites,celery,gluten job=flavour
mushroom | mushroom; button mushroom; chestnut mushroom; oyster mushroom; shiitake; portobello; porcini; dried mushroom; enoki; king oyster mushroom; white mushroom; chanterelle; cremini; truffle mushroom; wood ear; morel; black truffle; maitake; shimeji; cep; field mushroom | e=18 d=.32/.25/.4 n=2/.3/.4/.3/1/0 w=92
mycoprotein | mycoprotein; mycoprotein mince; mycoprotein piece | may=eggs,milk,gluten
sweetcorn | sweetcorn; corn; corn on the cob; popping corn; popcorn kernel; corn kernel; maize; baby corn; creamed corn; mangetout; mange tout; sugar snap pea; sugar snap; edible pod; snow pea; pea protein; pea shoot | d=.65/.55/.75 n=4/1.2/14/4/3.5/0 w=77
beans | bean; black bean; haricot bean; cannellini bean; pinto bean; borlotti bean; black-eyed bean; black-eyed pea; mung bean; adzuki bean; aduki bean; urad dal; chana dal; bean sprout; beansprout; mixed bean; flageolet bean; navy bean; great northern bean; white bean; pulse; refried bean; lentil sprout; carob; carob powder; alubia; azuki; turtle bean; toor dal; red bean paste; anko | d=.8/.7/.88 n=8/1/17/1/7/0 w=65 may=sulphites packs=400
baked-beans | baked bean; baked beans in tomato sauce | d=1.05/1/1.1 n=5/.5/13/5/4/.6 w=73 packs=400
soya-beans | soya bean; soybean; soy bean; soya; soy; edamame; edamame bean; natto; yuba; soya chunk; glycine max; soya nugget; soya sprout; soya flake; kinako; tofu skin; aburaage; doubanjiang; fermented black bean; ssamjang; doenjang | d=.9/.6/1.1 n=12/7/3/1/2/0 w=75 in=soya may=gluten,wheat packs=280
herbs | dill; tarragon; mixed herb; herb; dried herb; herbes de provence; lemongrass; lemon balm; lemon grass; curry leaf; fresh herb; lavender; rose petal; edible flower; hibiscus; chamomile; chervil; borage; savory; epazote; nasturtium; viola; marigold; rose; peppermint oil; peppermint extract; mint extract; cress; mizuna; hyssop; lovage; catnip; shiso; stevia leaf | d=.15/.08/.3 n=3/.8/3/1/3/0 w=86 job=flavour
spices | spice; coriander seed; ground coriander; fenugreek; fenugreek seed; nigella seed; onion seed; kalonji; juniper; juniper berry; sumac; szechuan pepper; sichuan pepper; ancho; aleppo pepper; tonka bean; sansho; galangal; kashmiri chilli; long pepper; grains of paradise; curry leaf powder; annatto seed; amchoor; ajwain; orange extract; lemon extract; flavour extract; coffee extract; rum flavouring; garlic paste; anise seed; dill seed | d=.5/.4/.6 n=8/6/45/5/25/0 w=10 job=flavour
curry-powder | curry powder; garam masala; spice mix; spice blend; seasoning; taco seasoning; fajita seasoning; jerk seasoning; cajun seasoning; ras el hanout; baharat; italian seasoning; rub; tandoori masala; madras powder; all-purpose seasoning; barbecue rub; tikka masala powder; chaat masala; poultry seasoning; seasoning mix; fish seasoning | d=.45/.4/.55 may=mustard,celery,gluten,sesame job=flavour
zaatar | za'atar; zaatar; dukkah; everything seasoning; furikake; gomasio; shichimi togarashi; shichimi | in=sesame may=nuts,gluten job=flavour
horseradish-sauce | horseradish sauce; creamed horseradish; cream of horseradish; tartare sauce; tartar sauce | in=eggs may=milk,mustard,sulphites job=flavour
kiwi | kiwi; kiwifruit; kiwi fruit | e=75 n=1.1/.5/11/9/2.5/0 w=84 job=fruit
papaya | papaya; pawpaw | e=400 n=.5/.1/9/8/2/0 w=88 job=fruit
mango | mango | e=250 n=.7/.3/14/14/1.6/0 w=82 job=fruit
fig | fig; fresh fig | e=50 n=1.3/.3/16/16/3/0 w=80 job=fruit
melon | melon; cantaloupe; honeydew; watermelon | e=1200 n=.7/.2/7/7/.6/0 w=91 job=fruit
passion-fruit | passion fruit; pomegranate; pomegranate seed; guava; lychee | e=35 n=2/.5/13/11/5/0 w=75 job=fruit
tamarind | tamarind; tamarind paste | d=1.2/1.1/1.3 n=2/.5/60/39/5/0 w=31 job=acid
raspberry | raspberry; freeze-dried raspberry; raspberry puree | d=.55/.45/.65 e=4 n=1.2/.3/5/4/4/0 w=87 job=fruit
blueberry | blueberry; bilberry; huckleberry | d=.62/.55/.7 e=1.5 n=.7/.3/12/10/2/0 w=85 job=fruit
blackberry | blackberry; blackcurrant; redcurrant; whitecurrant; gooseberry; loganberry | d=.6/.5/.7 n=1/.3/7/6/4/0 w=86 job=fruit
cranberry | cranberry; lingonberry | d=.45/.4/.55 n=.5/.1/8/4/4/0 w=87 job=fruit
plum | plum; damson; greengage | e=55 n=.6/.1/9/9/1.5/0 w=87 job=fruit
peach | peach; nectarine; tinned peach | e=130 n=.9/.2/9/8/1.5/0 w=88 job=fruit
apricot | apricot; fresh apricot | e=40 n=1.2/.3/9/9/2/0 w=87 job=fruit
grape | grape; seedless grape | e=6 d=.65/.6/.72 n=.7/.2/17/16/1/0 w=81 may=sulphites job=fruit
rhubarb | rhubarb | n=.8/.1/1/1/2/0 w=94 job=fruit
grapefruit | grapefruit; pomelo | e=250 n=.8/.1/8/7/1.5/0 w=90 job=fruit
lime | lime; lime zest | e=65 n=.7/.2/2/2/3/0 w=90 job=acid
clementine | clementine; mandarin; tangerine; satsuma; tinned mandarin | e=75 n=.8/.2/10/10/1.7/0 w=87 job=fruit
date | date; dried date; medjool date | e=15 d=.65/.6/.75 n=2/.3/68/66/7/0 w=21 may=sulphites job=sweetener packs=200 states=stoned,chopped
sultana | sultana | d=.65/.6/.72 n=2.7/.4/69/69/2/0 w=17 may=sulphites job=sweetener packs=500
golden-raisin | golden raisin; golden sultana; bleached sultana | d=.65/.6/.72 n=2.7/.4/69/69/2/0 w=17 in=sulphites job=sweetener packs=500
prune | prune; dried fig | e=9 n=2/.4/40/38/7/0 w=31 may=sulphites job=sweetener
sweet-potato | sweet potato; yam | e=200 n=1.6/.1/20/6/3/.1 w=77 job=vegetable
beetroot | beetroot; beet | e=100 n=1.7/.1/8/7/2.5/.1 w=88 job=colour
parsnip | parsnip | e=130 n=1.6/1/13/6/5/0 w=79 job=vegetable
garlic | garlic; garlic clove; clove of garlic; black garlic | e=5 n=6/.5/30/1/4/0 w=59 job=flavour
garlic-powder | garlic powder; garlic granule | d=.65/.55/.75 n=17/.7/64/2/9/.1 w=6 job=flavour
spring-onion | spring onion; scallion; green onion; chive | e=15 n=2/.5/3/3/2/0 w=92 job=flavour
leek | leek | e=150 n=1.6/.5/3/2/2/0 w=91 job=vegetable
shallot | shallot | e=25 n=1.5/.2/9/6/2/0 w=85 job=flavour
tomato-puree | tomato puree; tomato purée; tomato paste; tomato concentrate | d=1.1/1.05/1.15 n=4/.3/13/12/3/.2 w=75 job=flavour packs=142,200
tinned-tomato | tinned tomato; canned tomato; chopped tomato; crushed tomato; peeled tomato | d=1.02/1/1.05 n=1.1/.1/4/4/.9/.1 w=93 job=vegetable packs=400
sun-dried-tomato | sun-dried tomato; sundried tomato | d=.45/.4/.55 n=5/15/25/20/6/3 may=sulphites job=flavour packs=280
spinach | spinach; baby spinach | d=.13/.08/.2 n=2.8/.8/1.6/1.5/2/.35 w=90 job=vegetable states=raw,wilted
cabbage | cabbage; white cabbage; savoy cabbage; napa cabbage; chinese leaf | e=900 d=.35/.3/.45 n=1.3/.1/4/4/2.5/0 w=91 job=vegetable
red-cabbage | red cabbage | e=900 d=.37/.3/.45 n=1.1/.3/4/3/2.5/0 w=91 job=indicator
lettuce | lettuce; iceberg; romaine; salad leaf; mixed leaves | e=300 n=1.2/.3/1.5/1.4/1.3/0 w=95 job=vegetable
cauliflower | cauliflower; cauliflower rice; romanesco | e=600 n=2.5/.5/4/3/2/0 w=90 job=vegetable
asparagus | asparagus | e=20 n=2.9/.6/2/2/1.7/0 w=92 job=vegetable
fennel | fennel; fennel bulb; fennel frond | e=230 n=1/.2/2/2/3/0 w=92 job=vegetable
courgette | courgette; zucchini; marrow | e=180 n=1.8/.4/2/2/1/0 w=94 job=vegetable
aubergine | aubergine; eggplant; brinjal | e=250 n=.9/.4/2/2/2.5/0 w=93 job=vegetable
pepper | pepper; red pepper; bell pepper; green pepper; sweet pepper; yellow pepper; capsicum; roasted pepper | e=160 n=1/.4/6/6/2/0 w=92 job=vegetable
butternut-squash | butternut squash; butternut; pumpkin; acorn squash; kabocha; pumpkin puree; tinned pumpkin | e=1000 n=1/.1/8/4/2/0 w=88 job=vegetable
water-chestnut | water chestnut; bamboo shoot | n=1.4/.1/23/5/3/0 w=74 job=vegetable
peas | pea; green pea; frozen pea; petit pois; split pea; mushy pea; marrowfat pea; yellow split pea | d=.62/.55/.8 n=6/.9/10/4/5/0 w=75 packs=500 job=vegetable
green-beans | green bean; runner bean; french bean; fine bean | e=6 n=2/.2/3/2/3/0 w=91 job=vegetable
broad-bean | broad bean; fava bean | n=6/.8/7/1/6/0 w=76 job=vegetable
chickpea | chickpea; garbanzo; garbanzo bean; chickpea water | d=.7/.62/.85 n=8/2.5/17/1/6/.2 w=66 packs=400 job=protein states=dried,soaked,tinned
lentil | lentil; red lentil; green lentil; puy lentil; brown lentil; beluga lentil; dal; dhal | d=.82/.75/.9 n=24/1.5/56/2/11/0 w=11 packs=500 job=protein states=dried,cooked,tinned
kidney-bean | kidney bean; red kidney bean | d=.75/.68/.85 n=8/.6/16/1/7/.1 w=66 packs=400 job=protein states=dried,soaked,tinned
butter-bean | butter bean; lima bean | n=6/.5/13/1/5/.1 w=70 packs=400 job=protein
tofu | tofu; silken tofu; firm tofu; smoked tofu; bean curd; beancurd; tempeh | d=1/.95/1.08 n=12/7/1/.5/1/0 w=78 in=soya may=gluten,wheat packs=280,400 job=protein
miso | miso; miso paste; white miso; red miso | d=1.15/1.1/1.2 n=12/6/22/6/5/11 w=48 in=soya may=gluten,wheat job=flavour packs=300
hoisin | hoisin; hoisin sauce; black bean sauce; yellow bean sauce; gochujang | d=1.2/1.1/1.3 n=3/3/44/30/2/4 in=soya may=gluten,wheat,sesame job=flavour packs=250
parsley | parsley | d=.15/.08/.3 n=3/1/3/2/4/0 w=85 job=flavour
basil | basil; thai basil | d=.12/.08/.25 n=3/.6/1/.3/2/0 w=92 job=flavour
mint | mint; peppermint; spearmint | d=.12/.08/.25 n=4/.7/5/1/7/0 w=86 job=flavour
coriander-leaf | coriander; cilantro | d=.13/.08/.25 n=2/.5/1/1/3/0 w=92 job=flavour
thyme | thyme; lemon thyme; rosemary; sage; oregano; marjoram | d=.2/.1/.35 n=6/2/15/2/14/0 w=65 job=flavour
bay-leaf | bay leaf; bay | e=.2 n=8/8/49/0/26/0 w=5 job=flavour
elderflower | elderflower; elderflower head | n=3/.5/8/1/7/0 w=80 job=flavour
cinnamon | cinnamon; ground cinnamon; cinnamon stick | d=.5/.45/.56 n=4/1/28/2/53/0 w=11 named job=flavour packs=40
nutmeg | nutmeg; ground nutmeg; mace | d=.47/.42/.52 e=5 n=6/36/29/3/21/0 w=6 job=flavour
ginger | ginger; fresh ginger; root ginger; ginger puree; ginger paste | d=.95/.5/1 n=1.8/.8/16/2/2/0 w=79 job=flavour
ground-ginger | ground ginger | d=.38/.34/.45 n=9/4/58/3/14/.1 w=10 job=flavour packs=35
turmeric | turmeric; curcumin | d=.63/.55/.7 n=10/3/44/3/23/.1 w=13 job=colour packs=40
cumin | cumin; cumin seed; ground cumin | d=.42/.38/.5 n=18/22/34/2/11/.4 w=8 job=flavour packs=40
paprika | paprika; smoked paprika | d=.46/.4/.52 n=14/13/19/10/35/.2 w=11 job=flavour packs=45
chilli | chilli; chilli powder; chilli flake; chili; chili powder; chili flake; red chilli; green chilli; cayenne; cayenne pepper; jalapeño; jalapeno; habanero; scotch bonnet; chipotle | e=15 d=.48/.4/.55 n=2/.4/7/5/1.5/0 w=88 job=flavour
black-pepper | black pepper; white pepper; ground pepper; pepper black; peppercorn; pink peppercorn | d=.5/.45/.58 n=10/3/39/1/25/0 w=12 job=flavour packs=50
cardamom | cardamom; cardamom pod | d=.4/.35/.46 e=.2 n=11/7/40/0/28/0 w=8 job=flavour
clove | clove; ground clove; allspice | d=.42/.38/.5 n=6/13/32/2/34/.7 w=10 job=flavour
vanilla | vanilla; vanilla extract; vanilla essence; vanilla pod; vanilla bean; vanilla paste; vanilla powder; vanillin | d=.9/.86/1.1 e=3 n=0/0/13/13/0/0 w=53 a=34 named job=flavour packs=38
saffron | saffron | d=.14/.1/.2 job=colour
mixed-spice | mixed spice; pumpkin spice; five spice; five-spice; chinese five spice | d=.45/.4/.5 job=flavour packs=35
star-anise | star anise; aniseed; anise; fennel seed; caraway; caraway seed | d=.42/.36/.5 job=flavour
rose-water | rose water; rosewater; orange blossom water; orange flower water | d=1/.99/1.01 w=100 job=flavour
horseradish | horseradish; fresh horseradish; wasabi; wasabi paste | d=1/.5/1.1 may=sulphites,mustard job=flavour
`;
