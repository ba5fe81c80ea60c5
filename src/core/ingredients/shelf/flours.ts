/** Flours, grains, starches and what is baked from them. Columns: id | names, the first as shown | facts (see row.ts). */
export const flours = `
plain-flour | plain flour; flour; all-purpose flour; all purpose flour; ap flour; wheat flour; white flour; soft flour; cake flour; pastry flour; biscuit flour; 00 flour; type 405; type 550; maida; raw flour; heat-treated flour; triticum | d=.53/.5/.63 n=10/1.3/75/1/3/0 w=12 in=gluten,wheat is=flour named job=structure packs=500,1000,1500
self-raising-flour | self-raising flour; self raising flour; self-rising flour; self rising flour; sr flour; raising flour | d=.53/.5/.63 n=9.5/1.3/73/1/3/.8 w=12 in=gluten,wheat is=flour named job=structure,leavening packs=500,1500
strong-flour | strong flour; bread flour; strong white flour; high-gluten flour; strong bread flour; strong white bread flour; white bread flour; manitoba flour; canadian flour | d=.54/.51/.64 n=12/1.4/72/1/3/0 w=13 in=gluten,wheat is=flour named job=structure packs=500,1500
wholemeal-flour | wholemeal flour; whole wheat flour; wholewheat flour; whole-wheat flour; wholegrain flour; brown flour; graham flour; atta; chapati flour; malted flour; granary flour | d=.51/.48/.61 n=12/2/62/2/10/0 w=13 in=gluten,wheat is=flour job=structure packs=500,1500
spelt-flour | spelt flour; spelt; dinkel; white spelt; triticum spelta | d=.5/.46/.6 n=14/2.5/64/2/8/0 w=12 in=gluten,wheat is=flour job=structure
khorasan | khorasan wheat; khorasan; khorasan flour | d=.52/.48/.62 in=gluten,wheat is=flour job=structure
emmer | emmer; einkorn; farro; triticale; durum; durum wheat; durum flour; green spelt; freekeh; wheat berry; wheat; wheat grain; cracked wheat; puffed wheat; wheat flake | d=.7/.6/.8 n=13/2.2/64/1/10/0 w=12 in=gluten,wheat job=structure
rye-flour | rye flour; rye; dark rye flour; rye grain; rye flake; pumpernickel flour; secale | d=.47/.42/.58 n=9/1.6/66/1/13/0 w=13 in=gluten is=flour job=structure packs=1000
barley | barley; pearl barley; barley flour; barley flake; pot barley; hordeum; barley grain | d=.8/.72/.86 n=9/1.2/70/1/12/0 w=11 in=gluten job=structure
malt | malt; malt extract; barley malt; malted barley; malt powder; diastatic malt; malt syrup; malted wheat | d=1.38/1.3/1.45 n=6/0/72/60/0/.2 w=20 in=gluten job=sweetener,browning
malted-drink | malted milk powder; malted milk; malted drink powder; malt drink | d=.45/.38/.52 in=gluten,milk may=wheat job=flavour
oats | oat; rolled oat; porridge oat; jumbo oat; oatmeal; pinhead oatmeal; steel-cut oat; oat flake; quick oat; avena sativa; oat groat | d=.38/.34/.43 n=11/8/60/1/9/0 w=9 in=gluten named job=structure packs=500,1000
oat-flour | oat flour; oat bran; oat fibre | d=.4/.36/.5 n=14/8/58/1/11/0 w=9 in=gluten is=flour job=structure
wheat-bran | wheat bran; bran; bran flake; wheatgerm; wheat germ | d=.25/.2/.3 n=15/5/25/3/40/0 w=10 in=gluten,wheat job=fibre
semolina | semolina; durum semolina; semola; fine semolina; sooji; farina; cream of wheat | d=.7/.66/.74 n=11/1/73/1/3/0 w=13 in=gluten,wheat job=structure packs=500
couscous | couscous; cous cous; giant couscous; israeli couscous; ptitim; fregola; maftoul | d=.73/.66/.78 n=12/1/73/1/4/0 w=9 in=gluten,wheat job=structure packs=500
bulgur | bulgur; bulgar; bulghar; bulghur wheat; bulgur wheat; bulghur; burghul | d=.75/.68/.8 n=12/1.3/64/1/12/0 w=9 in=gluten,wheat job=structure packs=500
gluten | gluten; wheat gluten; vital wheat gluten; seitan; wheat protein; hydrolysed wheat protein; wheat starch; textured wheat protein | d=.5/.42/.58 n=75/2/14/0/1/.1 w=8 in=gluten,wheat job=structure
rice-flour | rice flour; ground rice; glutinous rice flour; sticky rice flour; brown rice flour; sweet rice flour; mochiko | d=.6/.55/.68 n=6/1.4/79/0/2/0 w=12 is=flour job=structure packs=500
cornflour | cornflour; corn flour; cornstarch; corn starch; maize starch; modified maize starch; modified starch; starch | d=.54/.5/.6 n=.3/.1/87/0/1/0 w=12 named job=thickener packs=250,500
potato-starch | potato starch; potato flour; farina potato; potato fecula | d=.68/.63/.75 n=.1/0/83/0/0/0 w=16 job=thickener
tapioca | tapioca; tapioca starch; tapioca flour; cassava flour; cassava starch; manioc; kuzu | d=.6/.5/.72 n=.2/0/87/0/1/0 w=12 job=thickener
custard-powder | custard powder; vanilla custard powder; blancmange powder; pudding powder | d=.6/.52/.66 n=.3/.2/90/0/0/.8 w=8 may=milk,gluten job=thickener packs=300
polenta | polenta; cornmeal; corn meal; maize flour; maize meal; masa harina; grits; masa; hominy | d=.64/.58/.72 n=8/2/75/1/4/0 w=12 job=structure packs=500
gram-flour | gram flour; chickpea flour; besan; garbanzo flour; lentil flour; pea flour; bean flour; fava flour | d=.42/.38/.5 n=22/6/50/9/10/.1 w=10 is=flour job=structure packs=500,1000
buckwheat | buckwheat; buckwheat flour; buckwheat groat; kasha; soba flour | d=.55/.5/.65 n=12/3/68/1/8/0 w=12 is=flour job=structure
quinoa | quinoa; quinoa flour; quinoa flake; amaranth; teff; teff flour; millet; millet flour; sorghum; sorghum flour; fonio | d=.75/.68/.85 n=13/6/60/2/7/0 w=12 job=structure
coconut-flour | coconut flour | d=.45/.4/.55 n=18/12/20/8/38/.1 w=6 is=flour job=structure
gluten-free-flour | gluten-free flour; gluten free flour; gluten-free plain flour; gluten-free self-raising flour; gluten-free flour blend; gluten-free bread flour; gluten-free bread mix | d=.6/.52/.7 n=5/1/80/1/3/0 w=12 is=flour job=structure packs=1000
lupin-flour | lupin flour; lupin; lupin seed; lupine; lupini; lupini bean; lupin bean; lupin protein | d=.5/.42/.6 n=40/10/10/3/30/0 w=9 in=lupin is=flour job=structure
soya-flour | soya flour; soy flour; soy protein; soya protein; textured vegetable protein; tvp; soya mince; soy isolate; okara | d=.42/.38/.5 n=37/20/20/11/11/0 w=7 in=soya is=flour job=structure
almond-flour | almond flour; almond meal | d=.42/.38/.48 n=21/50/7/4/12/0 w=5 in=nuts is=flour job=structure
rice | rice; brown rice; white rice; sushi rice; wild rice; sticky rice; puffed rice; rice flake; poha | d=.82/.78/.88 n=7/.6/79/0/1/0 w=12 job=structure packs=500,1000 states=raw,soaked,cooked
pasta | pasta; lasagne sheet; lasagne; lasagna; tagliatelle; orzo; vermicelli; cannelloni; gnocchi; ravioli; tortellini; pappardelle; fettuccine; dried pasta; shell pasta; ditalini | d=.42/.35/.55 n=12/1.5/72/3/3/0 w=10 in=gluten,wheat may=eggs job=structure packs=500,1000
egg-pasta | egg pasta; fresh pasta; fresh egg pasta; egg tagliatelle; spaetzle; spätzle | n=11/3/55/2/2/.1 w=30 in=gluten,wheat,eggs job=structure
noodles | noodle; wheat noodle; ramen; ramen noodle; udon; udon noodle; instant noodle; lo mein; chow mein; somen; soba; soba noodle; chow mein noodle | d=.35/.3/.45 n=11/2/70/2/3/.5 w=10 in=gluten,wheat may=eggs job=structure packs=250
egg-noodles | egg noodle; medium egg noodle; fine egg noodle | d=.35/.3/.45 n=12/2.5/68/2/3/.5 w=10 in=gluten,wheat,eggs job=structure packs=250
rice-noodles | rice noodle; rice vermicelli; glass noodle; cellophane noodle; rice stick; rice paper; mung bean noodle; konjac noodle; shirataki; corn pasta; rice pasta; lentil pasta; gluten-free pasta | d=.35/.3/.45 n=6/.6/80/0/1/0 w=12 job=structure
bread | bread; white bread; brown bread; wholemeal bread; sourdough; baguette; ciabatta; focaccia; bread roll; bap; burger bun; hot dog bun; toast; loaf; paratha; bagel; crouton; crostini; bruschetta; english muffin; crumpet; soda bread; sandwich; bread dough; dough; pretzel; breadstick; grissini; matzo; matzah; matzo meal; melba toast; crispbread; rusk; lavash; injera mix; garlic bread; bread mix; stuffing mix; stuffing; sage and onion stuffing | e=40 n=9/2/47/3/3/1 w=38 in=gluten,wheat may=milk,soya,sesame,eggs job=structure
rye-bread | rye bread; pumpernickel; rye crispbread; knäckebröd | n=8/2/43/3/7/1.2 w=40 in=gluten may=wheat job=structure
brioche | brioche; challah; croissant; pain au chocolat; brioche bun; danish pastry; danish; panettone; stollen; hot cross bun; teacake; milk bun; milk bread; cinnamon roll; doughnut; donut | e=60 n=8/18/50/12/2/1 w=25 in=gluten,wheat,milk,eggs may=nuts,soya job=structure
breadcrumbs | breadcrumb; bread crumb; golden breadcrumb; crumb coating; coating crumb; breaded; crumbed; battered; batter mix; batter; tempura; tempura batter | d=.45/.3/.55 n=12/3/70/5/4/1 w=8 in=gluten,wheat may=milk,soya job=structure
pastry | pastry; shortcrust pastry; shortcrust; choux pastry; sweet pastry; pie crust; pie; pastry case; tart case; tart; vol-au-vent; sausage roll; pasty; wonton wrapper; wonton; gyoza wrapper; gyoza; spring roll wrapper; spring roll; samosa; dumpling; dumpling wrapper; strudel | n=6/25/43/2/2/.8 w=22 in=gluten,wheat may=milk,eggs,soya job=structure
biscuits | biscuit; cookie; shortbread; cracker; water biscuit; rich tea; oatcake; wafer; ice cream cone; cone; speculoos; flapjack; granola bar; cereal bar; custard cream; bourbon biscuit | e=14 n=7/20/65/20/4/.8 w=3 in=gluten,wheat may=milk,eggs,soya,nuts job=structure
amaretti | amaretti; amaretti biscuit; amaretto biscuit; macaroon; macaron; frangipane; bakewell | in=nuts,eggs may=gluten,wheat,milk job=flavour
cake | cake; sponge cake; sponge; muffin; cupcake; scone; brownie; madeira cake; swiss roll; trifle sponge; pancake; waffle; crepe; crêpe; blini; yorkshire pudding; pancake mix; cake mix; brownie mix; muffin mix; scone mix; waffle mix; pudding mix; gingerbread; fruit cake; christmas pudding; eclair; éclair; profiterole; cream puff; lemon tart; cheesecake | e=50 n=6/20/52/30/1/.6 w=22 in=gluten,wheat,eggs,milk may=nuts,soya job=structure
breakfast-cereal | breakfast cereal; cornflake; corn flake; muesli; granola; bran cereal; wheat biscuit; shredded wheat; rice crispie; crisped rice; puffed rice cereal; wheat cereal; cereal | d=.2/.1/.4 n=8/4/75/15/6/.6 w=4 in=gluten may=wheat,nuts,milk,soya job=structure
gluten-free-oats | gluten-free oat; gluten free oat; gluten-free porridge oat; gf oat | d=.38/.34/.43 n=11/8/60/1/9/0 w=9 job=structure
gluten-free-bread | gluten-free bread; gluten free bread; gluten-free breadcrumb; gluten-free pastry; gluten-free biscuit; gluten-free cake; gluten-free cracker; gluten-free noodle; gluten-free pizza base; gluten-free roll; corn tortilla; taco shell; rice cake; rice cracker; poppadom; papadum; popcorn; tortilla chip; nacho; corn chip; crisp; potato crisp; potato chip; injera | may=eggs,milk,soya job=structure
tortilla | tortilla; wheat tortilla; flour tortilla; wrap | e=60 n=8/6/50/2/3/1.2 w=32 in=gluten,wheat may=milk,soya job=structure packs=360
pizza | pizza; pizza base; pizza dough | e=150 n=9/4/52/3/3/1.2 w=32 in=gluten,wheat may=milk job=structure
pitta | pitta; pita; pitta bread; naan; naan bread; flatbread; chapati; roti | e=65 n=9/2/52/3/3/1 w=34 in=gluten,wheat may=milk,sesame,eggs job=structure
panko | panko; dried breadcrumb | d=.25/.2/.35 n=12/3/73/5/4/1 w=7 in=gluten,wheat may=milk,soya job=coating packs=150
fresh-breadcrumbs | fresh breadcrumb | d=.25/.2/.35 n=9/2/47/3/3/1 w=38 in=gluten,wheat may=milk,soya job=coating
digestive | digestive; digestive biscuit; graham cracker; biscuit crumb | e=15 d=.42/.35/.5 n=7/21/63/18/4/.9 w=3 in=gluten,wheat may=milk,soya job=structure packs=400
sponge-finger | lady finger; sponge finger; savoiardi | e=8 n=8/4/78/40/1/.3 w=8 in=gluten,wheat,eggs may=milk,soya job=structure packs=175
ginger-nut | ginger nut; gingernut; ginger snap; ginger biscuit | e=10 n=5/15/75/35/2/.8 w=3 in=gluten,wheat may=milk job=structure packs=250
filo | filo; filo pastry; phyllo | e=30 n=8/3/58/2/2/1 w=28 in=gluten,wheat may=soya job=structure packs=270
puff-pastry | puff pastry; flaky pastry | e=320 n=6/25/36/1/2/.7 w=30 in=gluten,wheat may=milk,soya job=structure packs=320,500
spaghetti | spaghetti; macaroni; penne; fusilli; linguine; rigatoni; farfalle; conchiglie | d=.42/.35/.55 n=12/1.5/72/3/3/0 w=10 in=gluten,wheat may=eggs job=structure packs=500
basmati | basmati; basmati rice; jasmine rice; long-grain rice; long grain rice | d=.83/.78/.88 n=8/.6/78/0/1/0 w=12 job=structure packs=500,1000
risotto-rice | risotto rice; arborio; arborio rice; carnaroli; pudding rice; short-grain rice; paella rice | d=.85/.8/.9 n=7/.6/79/0/1/0 w=12 job=structure packs=500,1000
arrowroot | arrowroot; arrowroot powder | d=.55/.5/.62 n=.3/.1/85/0/3/0 w=11 job=thickener packs=100
sago | sago; tapioca pearl; boba | d=.75/.68/.82 n=.2/0/88/0/1/0 w=11 job=thickener packs=500
`;
