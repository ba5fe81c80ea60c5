/** Milk and what is made of it, fats, eggs, and plant drinks and spreads in their place. */
export const dairyAndEggs = `
milk | milk; whole milk; full-fat milk; full fat milk; semi-skimmed milk; cow's milk; cows milk; uht milk; 2% milk; goat's milk; goats milk; goat milk; sheep's milk; sheeps milk; ewe's milk; lactose-free milk; breast milk; raw milk; jersey milk; buffalo milk; long-life milk; homogenised milk; milk solids | d=1.03/1.02/1.04 n=3.4/3.6/4.7/4.7/0/.1 w=88 in=milk kind=dairy named job=liquid packs=568,1000,2000 states=cold,warm,scalded
skimmed-milk | skimmed milk; skim milk; fat-free milk; nonfat milk; low-fat milk; 1% milk | d=1.035/1.03/1.04 n=3.5/.2/5/5/0/.1 w=91 in=milk kind=dairy is=milk job=liquid packs=568,1000
buttermilk | buttermilk; cultured buttermilk; butter milk | d=1.03/1.02/1.05 n=3.4/.9/4.5/4.5/0/.15 w=91 in=milk kind=dairy acid=lactic:.8 named job=liquid,acid packs=284,500
kefir | kefir; milk kefir; drinking yoghurt; lassi; ayran; filmjölk; ymer; sour milk; clabber; soured milk; acidophilus milk | d=1.03/1.02/1.05 n=3.4/3/4/4/0/.1 w=89 in=milk kind=dairy acid=lactic:.8 job=liquid,acid packs=500
yoghurt | yoghurt; yogurt; natural yoghurt; plain yoghurt; greek yoghurt; greek-style yoghurt; set yoghurt; bio yoghurt; skyr; fruit yoghurt; labneh; frozen yoghurt; dahi; curd yoghurt; tzatziki; raita | d=1.04/1.02/1.08 n=4.5/3/6/6/0/.15 w=86 in=milk kind=dairy acid=lactic:1 named job=liquid,acid packs=150,500 states=cold,room-warm
milk-powder | milk powder; dried milk; powdered milk; skimmed milk powder; whole milk powder; nonfat dry milk; dry milk; dried skimmed milk; instant milk powder; coffee whitener; infant formula | d=.5/.4/.6 n=36/1/53/53/0/1.3 w=4 in=milk kind=dairy job=browning packs=198,340
evaporated-milk | evaporated milk; unsweetened condensed milk | d=1.07/1.05/1.09 n=8/9/11/11/0/.3 w=70 in=milk kind=dairy job=liquid packs=410
condensed-milk | condensed milk; sweetened condensed milk; caramelised condensed milk | d=1.3/1.28/1.32 n=8/9/56/56/0/.3 w=26 in=milk kind=dairy job=sweetener packs=397
double-cream | double cream; heavy cream; heavy whipping cream; thick cream; extra thick cream; extra-thick double cream | d=1/.98/1.02 n=1.6/48/2.7/2.7/0/.05 w=47 in=milk kind=dairy is=cream named job=richness packs=150,300,600 states=cold,whipped
whipping-cream | whipping cream; whipped cream; light whipping cream; squirty cream; spray cream; chantilly cream | d=1/.4/1.02 n=2/38/3/3/0/.05 w=56 in=milk kind=dairy is=cream named job=foam packs=300
single-cream | single cream; cream; light cream; pouring cream; half and half; half-and-half; coffee cream; table cream; cooking cream; uht cream | d=1/.98/1.03 n=2.6/19/4/4/0/.1 w=74 in=milk kind=dairy named is=cream job=richness packs=150,300
soured-cream | soured cream; sour cream; crème fraîche; creme fraiche; smetana; smântână; mexican crema; schmand | d=1.01/.97/1.04 n=2.7/20/4/4/0/.1 w=72 in=milk kind=dairy acid=lactic:.6 job=richness,acid packs=150,300
clotted-cream | clotted cream; kaymak; devonshire cream; malai | d=1/.95/1.02 n=1.6/63/2.3/2.3/0/.05 w=32 in=milk kind=dairy is=cream job=richness
butter | butter; unsalted butter; salted butter; slightly salted butter; spreadable butter; brown butter; sweet cream butter; goat butter; lactic butter; stick of butter; cultured butter; garlic butter; beurre noisette | d=.95/.91/.96 n=.6/81/.6/.6/0/.05 w=16 in=milk kind=dairy named job=fat,tenderiser packs=250,500 states=cold,soft,melted
margarine | margarine; baking margarine; block margarine; spread; vegetable spread; baking spread; sunflower spread; low-fat spread; olive spread; dairy spread; buttery spread; soft spread; oleo; baking block | d=.95/.9/.96 n=.2/70/.5/.5/0/1 w=28 may=milk,soya job=fat packs=250,500
vegan-butter | vegan butter; dairy-free spread; dairy-free margarine; plant butter; vegan margarine; plant-based butter; vegan block; vegan spread; dairy free spread; dairy-free butter | d=.95/.9/.96 n=.2/75/.5/.5/0/1 w=24 may=soya,nuts job=fat packs=250
lard | lard; dripping; beef dripping; goose fat; duck fat; bacon fat; schmaltz; tallow; pork fat; rendered fat | d=.9/.87/.92 n=0/99/0/0/0/0 kind=meat job=fat packs=250
suet | suet; beef suet; fresh suet | d=.9/.87/.92 n=1/94/0/0/0/2 may=gluten,wheat kind=meat job=fat
shredded-suet | vegetable suet; shredded suet; shredded beef suet | d=.45/.4/.55 n=1/87/10/0/1/0 in=gluten,wheat job=fat packs=200
shortening | shortening; vegetable shortening; vegetable fat; white vegetable fat; palm fat; hard vegetable fat; coconut fat; palm oil | d=.9/.8/.93 n=0/100/0/0/0/0 job=fat packs=250
oil | oil; vegetable oil; sunflower oil; rapeseed oil; canola oil; corn oil; frying oil; grapeseed oil; rice bran oil; avocado oil; safflower oil; cooking oil; linseed oil; flaxseed oil; truffle oil; chilli oil; spray oil; oil spray; cooking spray; light oil; cottonseed oil; hemp oil; pumpkin seed oil; mct oil; e471; mono- and diglycerides of fatty acids; mono and diglycerides; fatty acid | d=.92/.91/.93 n=0/100/0/0/0/0 named job=fat packs=500,1000
refined-soya-oil | refined soya oil; fully refined soybean oil; fully refined soya oil; refined soybean oil; natural tocopherol; vitamin e; e306; tocopherol; phytosterol; plant sterol | d=.92/.91/.93 n=0/100/0/0/0/0 job=fat
soya-oil | soya oil; soybean oil; soy oil; cold-pressed soya oil; e479b; thermally oxidised soya bean oil | d=.92/.91/.93 n=0/100/0/0/0/0 in=soya job=fat
groundnut-oil | groundnut oil; peanut oil; arachis oil; refined peanut oil | d=.91/.9/.92 n=0/100/0/0/0/0 in=peanuts job=fat
sesame-oil | sesame oil; toasted sesame oil; gingelly oil; til oil | d=.92/.91/.93 n=0/100/0/0/0/0 in=sesame job=flavour
walnut-oil | walnut oil; hazelnut oil; almond oil; macadamia oil; pistachio oil; nut oil; pecan oil | d=.92/.91/.93 n=0/100/0/0/0/0 in=nuts job=flavour
mustard-oil | mustard oil | d=.91/.9/.92 n=0/100/0/0/0/0 in=mustard job=flavour
cheddar | cheddar; cheese; hard cheese; cheddar cheese; mature cheddar; red leicester; double gloucester; cheshire; lancashire cheese; manchego; comté; comte; raclette; fontina; provolone; colby; wensleydale; caerphilly; havarti; tilsit; cheese string; appenzeller; pecorino; pecorino romano; asiago; cantal; queso; reblochon; taleggio; limburger; munster; vacherin; epoisses; kashkaval; bryndza; sheep's cheese | d=.45/.4/.55 n=25/35/.1/.1/0/1.8 w=37 in=milk kind=dairy job=flavour packs=250,400 states=block,grated
parmesan | parmesan; parmesan cheese; parmigiano; parmigiano reggiano; parmigiano-reggiano; grana padano; grana; italian hard cheese | d=.42/.35/.5 n=33/29/1/1/0/1.6 w=30 in=milk may=eggs kind=dairy job=flavour packs=200
cream-cheese | cream cheese; soft cheese; full-fat soft cheese; neufchâtel; neufchatel; topfen; twaróg; queso fresco; stracciatella cheese; fresh cheese; junket | d=1/.9/1.05 n=7/20/4/4/0/.6 w=65 in=milk kind=dairy job=richness packs=180,250
vegan-cheese | vegan cheese; dairy-free cheese; plant-based cheese; nutritional yeast cheese; vegan cream cheese; vegan mozzarella; dairy-free cream cheese | may=nuts,soya job=flavour
whey | whey; whey powder; whey protein; milk protein; casein; caseinate; sodium caseinate; calcium caseinate; lactalbumin; lactose; milk sugar; rennet casein; lactoglobulin; milk permeate; demineralised whey; milk mineral; protein powder | d=.5/.4/.6 n=12/1/74/70/0/1 w=5 in=milk kind=dairy job=browning
ice-cream | ice cream; vanilla ice cream; gelato; soft serve; ice-cream; semifreddo; kulfi; crème brûlée; creme caramel; panna cotta; rice pudding; milkshake | d=1.03/.55/1.1 n=4/10/22/20/0/.2 w=62 in=milk may=eggs,gluten,nuts,soya kind=dairy job=flavour
sorbet | sorbet; water ice; granita; ice lolly; ice pop; slush | d=.95/.7/1.1 n=.3/0/30/28/0/0 w=68 may=milk,eggs job=flavour
soya-milk | soya milk; soy milk; soya drink; soy drink; soya yoghurt; soy yoghurt; soya cream; soya dessert; soy cream; soya custard | d=1.03/1.01/1.05 n=3.3/1.8/.7/.5/.6/.1 w=92 in=soya job=liquid packs=1000
oat-milk | oat milk; oat drink; oat cream; barista oat drink; oat yoghurt; oat fraiche | d=1.03/1.01/1.05 n=1/1.5/6.6/4/.8/.1 w=90 in=gluten job=liquid packs=1000
almond-milk | almond milk; almond drink; cashew milk; hazelnut milk; nut milk; almond yoghurt; cashew cream; cashew cheese; almond cream; walnut milk; pistachio milk; macadamia milk; hazelnut drink; cashew drink; pecan milk; brazil nut milk | d=1.02/1/1.04 n=.5/1.1/2.5/2.4/.3/.1 w=96 in=nuts job=liquid packs=1000
rice-milk | rice milk; rice drink; pea milk; hemp milk; potato milk; tiger nut milk; horchata; flax milk; pea drink; hemp drink; coconut drink; quinoa milk | d=1.03/1/1.05 n=.2/1/10/5/.1/.1 w=89 job=liquid packs=1000
coconut-milk | coconut milk; coconut cream; creamed coconut; coconut milk powder; coconut yoghurt; light coconut milk | d=.99/.95/1.03 n=1.7/18/3/2/0/0 w=77 may=sulphites job=liquid packs=400
coconut-water | coconut water; coconut juice | d=1.02/1/1.03 n=.2/0/4/4/0/.1 w=95 job=liquid
egg | egg; hen's egg; hens egg; whole egg; free-range egg; beaten egg; egg wash; eggwash; boiled egg; hard-boiled egg; poached egg; scrambled egg; fried egg; omelette; omelet; frittata; liquid egg; pasteurised egg; pasteurized egg; duck egg; quail egg; goose egg; quail's egg; pickled egg; egg mayonnaise; egg product; egg solids; lysozyme; e1105; egg lecithin; livetin; ovalbumin; ovomucin; globulin; vitellin; hühnerei | d=1.03/1.02/1.04 e=50 n=12.6/9.5/.7/.4/0/.35 w=76 in=eggs kind=egg named job=structure,emulsifier packs=300,600 states=cold,room-warm,beaten,boiled
egg-white | egg white; white of egg; egg albumen; albumen; albumin; dried egg white; egg white powder; white of an egg; liquid egg white | d=1.035/1.03/1.04 e=33 n=10.5/.2/.7/.7/0/.4 w=88 in=eggs kind=egg is=egg job=foam,structure states=cold,room-warm
egg-yolk | egg yolk; yolk; yolk of egg; egg yolk powder; salted egg yolk; yolk of an egg | d=1.03/1.02/1.04 e=17 n=16/31/.2/.2/0/.15 w=51 in=eggs kind=egg is=egg job=emulsifier,structure
dried-egg | dried egg; egg powder; powdered egg; dried whole egg | d=.45/.38/.55 n=47/41/3/3/0/1.3 w=4 in=eggs kind=egg job=structure
egg-replacer | egg replacer; egg substitute; vegan egg; aquafaba; egg-free replacer; chia egg; flax egg; no-egg | d=1/.5/1.03 job=structure
cheese-soft-ripened | brie; camembert; goat's cheese; goats cheese; goat cheese; chèvre; chevre | n=20/28/.3/.3/0/1.5 w=50 in=milk kind=dairy job=flavour packs=150
blue-cheese | stilton; blue cheese; gorgonzola; roquefort; dolcelatte; danish blue | n=22/33/.3/.3/0/2.2 w=40 in=milk kind=dairy job=flavour packs=150
feta | feta; halloumi | n=16/23/1/1/0/2.6 w=55 in=milk kind=dairy job=flavour packs=200,225
mozzarella | mozzarella; burrata; bocconcini | d=.45/.4/.5 e=125 n=18/20/1/1/0/.6 w=55 in=milk kind=dairy job=stretch packs=125,250
ricotta | ricotta; cottage cheese; curd cheese; curd; cheese curd | d=1/.9/1.06 n=10/8/3/3/0/.3 w=76 in=milk kind=dairy job=richness packs=250
mascarpone | mascarpone | d=1/.95/1.04 n=4/44/4/4/0/.1 w=46 in=milk kind=dairy job=richness packs=250
quark | quark; fromage frais; fromage blanc | d=1.03/1/1.08 n=12/.3/4/4/0/.1 w=82 in=milk kind=dairy job=protein packs=250
paneer | paneer | n=19/21/2/2/0/.1 w=54 in=milk kind=dairy job=protein packs=225
gouda | gouda; edam; emmental; emmentaler; gruyère; gruyere; swiss cheese; monterey jack; jarlsberg | d=.45/.4/.55 n=26/29/0/0/0/1.3 w=40 in=milk kind=dairy job=stretch packs=200
processed-cheese | processed cheese; cheese slice; cheese spread; cheese triangle; cheese sauce; cheese powder | e=20 n=17/23/5/5/0/2.5 w=48 in=milk kind=dairy job=emulsion packs=200
ghee | ghee; clarified butter; butter oil; anhydrous milk fat; milk fat; butterfat | d=.91/.9/.93 n=0/99.5/0/0/0/0 w=.3 in=milk kind=dairy job=fat packs=250
custard | custard; vanilla custard; crème anglaise; creme anglaise; crème pâtissière; creme patissiere; pastry cream | d=1.05/1/1.1 n=3/4/16/12/0/.1 w=76 in=milk may=eggs,gluten kind=dairy job=flavour
white-sauce | white sauce; béchamel; bechamel; mornay; mornay sauce | d=1.05/1/1.1 n=4/8/10/5/.2/.4 w=76 in=milk,gluten,wheat kind=dairy job=sauce
coconut-oil | coconut oil | d=.91/.89/.92 n=0/100/0/0/0/0 is=oil job=fat packs=300
olive-oil | olive oil; extra virgin olive oil | d=.915/.91/.92 n=0/100/0/0/0/0 is=oil named job=fat packs=500
cocoa-butter | cocoa butter; shea butter | d=.9/.6/.92 n=0/100/0/0/0/0 job=fat
creamer | creamer; coffee creamer; non-dairy creamer | d=.5/.4/.6 may=milk job=richness
`;
