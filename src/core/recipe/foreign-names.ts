/*
 * Names of ingredients where recipes are written in other languages: English | German | French | Spanish | Italian |
 * Indonesian. The English one is a name of the ingredients table; others are plain words, singular and, where it is not
 * an ending of two letters more, plural. Common knowledge of the languages.
 */
export const foreignNames = `
plain flour | mehl, weizenmehl, mehl type 405 | farine, farine de blé | harina, harina de trigo | farina, farina 00, farina 0 | tepung terigu, terigu, tepung
strong flour | brotmehl, mehl type 550 | farine de gruau, farine t55 | harina de fuerza | farina manitoba, manitoba |
wholemeal flour | vollkornmehl | farine complète | harina integral | farina integrale |
rye flour | roggenmehl | farine de seigle | harina de centeno | farina di segale |
semolina | grieß, weichweizengrieß | semoule | sémola | semola, semolino |
cornflour | speisestärke, maisstärke, stärke | maïzena, maizena, fécule de maïs, fécule | maicena, almidón de maíz, fécula de maíz | amido di mais, maizena | maizena, tepung maizena
potato starch | kartoffelstärke, kartoffelmehl | fécule de pomme de terre | fécula de patata | fecola di patate, fecola |
rice flour | reismehl | farine de riz | harina de arroz | farina di riso | tepung beras
tapioca starch | tapiokastärke | tapioca | tapioca | tapioca | tepung tapioka, tapioka, tepung kanji
polenta | polenta, maisgrieß | polenta | polenta, harina de maíz | polenta, farina di mais | tepung jagung
oats | haferflocken | flocons d'avoine | copos de avena, avena | fiocchi d'avena, avena | havermut
rice | reis | riz | arroz | riso | beras, nasi
pasta | nudeln | pâtes | pasta, fideos, macarrones | pasta, spaghetti, penne | mie, makaroni
breadcrumbs | semmelbrösel, paniermehl | chapelure | pan rallado | pangrattato | tepung panir, tepung roti
bread | brot, toastbrot, brötchen | pain | pan | pane | roti, roti tawar
sugar | zucker | sucre, sucre en poudre, sucre semoule | azúcar | zucchero, zucchero semolato | gula, gula pasir
icing sugar | puderzucker, staubzucker | sucre glace | azúcar glas, azúcar glass, azúcar impalpable | zucchero a velo | gula halus, gula bubuk
brown sugar | brauner zucker, rohrzucker | cassonade, sucre roux, vergeoise | azúcar moreno, azúcar morena | zucchero di canna | gula merah, gula jawa, gula aren, gula palem
vanilla sugar | vanillezucker, vanillinzucker | sucre vanillé | azúcar avainillado, azúcar vainillado | zucchero vanigliato | vanili bubuk
honey | honig | miel | miel | miele | madu
golden syrup | zuckersirup | sirop de sucre | almíbar | sciroppo | sirup
milk | milch, vollmilch | lait, lait entier | leche, leche entera | latte, latte intero | susu, susu cair, susu segar
condensed milk | kondensmilch | lait concentré | leche condensada | latte condensato | susu kental manis
cream | sahne, schlagsahne, süße sahne, rahm | crème, crème liquide, crème fleurette, crème entière | nata, nata líquida, crema de leche | panna, panna fresca | krim, krim kental
soured cream | saure sahne, sauerrahm, schmand, crème fraîche | crème fraîche, crème épaisse | nata agria, crema agria | panna acida |
buttermilk | buttermilch | lait ribot, babeurre, lait fermenté | suero de leche | latticello |
yoghurt | joghurt, naturjoghurt | yaourt, yaourt nature | yogur, yogur natural | yogurt, yogurt bianco | yogurt
quark | quark, magerquark | fromage blanc | queso quark | |
butter | butter, weiche butter | beurre, beurre doux | mantequilla | burro | mentega
margarine | margarine | margarine | margarina | margarina | margarin
oil | öl, sonnenblumenöl, rapsöl, pflanzenöl | huile, huile de tournesol | aceite, aceite de girasol | olio, olio di semi | minyak, minyak goreng
olive oil | olivenöl | huile d'olive | aceite de oliva | olio d'oliva, olio di oliva, olio extravergine d'oliva, olio extravergine, olio evo | minyak zaitun
lard | schmalz, schweineschmalz | saindoux | manteca de cerdo, manteca | strutto |
cheddar | käse, geriebener käse | fromage, fromage râpé | queso, queso rallado | formaggio | keju
parmesan | parmesan | parmesan | parmesano | parmigiano, grana | keju parmesan
gruyère | emmentaler, bergkäse, gouda | gruyère, emmental, comté | queso manchego | fontina |
cream cheese | frischkäse | fromage frais | queso crema | formaggio spalmabile | keju krim
egg | ei, eier | œuf, oeuf, œufs, oeufs | huevo | uovo, uova | telur, telur ayam
egg white | eiweiß, eiklar | blanc d'œuf, blanc d'oeuf, blancs d'œufs, blancs d'oeufs | clara de huevo, clara, claras de huevo | albume, albumi | putih telur
egg yolk | eigelb, dotter, eidotter | jaune d'œuf, jaune d'oeuf, jaunes d'œufs, jaunes d'oeufs | yema de huevo, yema, yemas de huevo | tuorlo, tuorli | kuning telur
dried yeast | trockenhefe, trockenbackhefe, hefe | levure sèche, levure de boulanger, levure boulangère | levadura seca, levadura de panadería, levadura | lievito di birra secco, lievito di birra, lievito secco | ragi, ragi instan, fermipan
fresh yeast | frische hefe, frischhefe, hefewürfel | levure fraîche | levadura fresca | lievito fresco, lievito di birra fresco |
baking powder | backpulver, weinsteinbackpulver | levure chimique, poudre à lever | levadura química, polvo de hornear, polvos de hornear, impulsor | lievito per dolci, lievito in polvere, lievito chimico | baking powder, bubuk pengembang
bicarbonate of soda | natron, speisenatron | bicarbonate, bicarbonate de soude | bicarbonato, bicarbonato de sodio | bicarbonato, bicarbonato di sodio | soda kue
cream of tartar | weinstein | crème de tartre | crémor tártaro | cremor tartaro |
gelatine | gelatine, blatt gelatine | gélatine | gelatina | gelatina, colla di pesce | gelatin, agar-agar bubuk
agar | agar-agar | agar-agar | agar-agar | agar-agar | agar-agar
salt | salz, meersalz | sel, sel fin | sal | sale, sale fino | garam
water | wasser, lauwarmes wasser | eau, eau tiède | agua, agua tibia | acqua, acqua tiepida | air, air hangat, air matang
vinegar | essig, weißweinessig | vinaigre | vinagre | aceto | cuka
lemon | zitrone | citron | limón | limone, limoni | jeruk nipis, jeruk lemon, lemon
lemon juice | zitronensaft | jus de citron | zumo de limón, jugo de limón | succo di limone | air jeruk nipis, air perasan jeruk nipis
lemon zest | zitronenschale, zitronenabrieb | zeste de citron | ralladura de limón, piel de limón | scorza di limone |
orange | orange, apfelsine | orange | naranja | arancia, arance | jeruk
apple | apfel, äpfel | pomme | manzana | mela, mele | apel
pear | birne | poire | pera | pera, pere | pir
banana | banane | banane | plátano, banana | banana, banane | pisang
strawberry | erdbeere | fraise | fresa | fragola, fragole | stroberi
raspberry | himbeere | framboise | frambuesa | lampone, lamponi |
cherry | kirsche | cerise | cereza | ciliegia, ciliegie |
plum | pflaume, zwetschge | prune | ciruela | prugna, prugne |
raisin | rosine, sultanine | raisin sec, raisins secs | pasas, uvas pasas | uvetta, uva passa | kismis
coconut milk | kokosmilch | lait de coco | leche de coco | latte di cocco | santan, santan kental
desiccated coconut | kokosraspel, kokosflocken | noix de coco râpée | coco rallado | cocco grattugiato, farina di cocco | kelapa parut
potato | kartoffel | pomme de terre, pommes de terre | patata, papa | patata, patate | kentang
carrot | karotte, möhre, mohrrübe | carotte | zanahoria | carota, carote | wortel
onion | zwiebel | oignon | cebolla | cipolla, cipolle | bawang bombay, bawang bombai
shallot | schalotte | échalote | chalota | scalogno, scalogni | bawang merah
garlic | knoblauch, knoblauchzehe | ail, gousse d'ail | ajo, diente de ajo | aglio, spicchio d'aglio | bawang putih
leek | lauch, porree | poireau, poireaux | puerro | porro, porri | daun bawang
celery | sellerie, staudensellerie | céleri | apio | sedano | seledri
tomato | tomate | tomate | tomate | pomodoro, pomodori | tomat
tomato paste | tomatenmark | concentré de tomate | concentrado de tomate, tomate concentrado | concentrato di pomodoro | saus tomat
tinned tomato | gehackte tomaten, dosentomaten | tomates concassées, tomates pelées | tomate triturado, tomate frito | pelati, polpa di pomodoro, passata di pomodoro |
pepper | paprika, paprikaschote | poivron | pimiento | peperone, peperoni | paprika
chilli | chili, chilischote | piment | guindilla, chile, ají | peperoncino, peperoncini | cabai, cabe, cabai merah, cabe rawit
courgette | zucchini | courgette | calabacín | zucchina, zucchine |  zukini
aubergine | aubergine | aubergine | berenjena | melanzana, melanzane | terong
cucumber | gurke | concombre | pepino | cetriolo, cetrioli | timun, mentimun
spinach | spinat | épinard | espinaca | spinaci | bayam
cabbage | weißkohl, kohl | chou | repollo, col | cavolo | kol, kubis
mushroom | champignon, pilz | champignon | champiñón, champiñones, setas | fungo, funghi, champignon | jamur
peas | erbse | petit pois, petits pois | guisante | pisello, piselli | kacang polong
beans | bohne | haricot | alubia, judía, frijol | fagiolo, fagioli | buncis, kacang merah
chickpea | kichererbse | pois chiche, pois chiches | garbanzo | cece, ceci |
lentil | linse | lentille | lenteja | lenticchia, lenticchie |
sweetcorn | mais | maïs | maíz, choclo | mais | jagung, jagung manis
pumpkin | kürbis | potiron, courge | calabaza | zucca | labu, labu kuning
tofu | tofu | tofu | tofu | tofu | tahu
tempeh | tempeh | tempeh | tempeh | tempeh | tempe
chicken | hähnchen, hühnchen, hähnchenbrust, hähnchenbrustfilet | poulet, blanc de poulet | pollo, pechuga de pollo | pollo, petto di pollo | ayam, daging ayam, dada ayam
turkey | pute, putenbrust | dinde | pavo | tacchino | kalkun
minced beef | hackfleisch, rinderhackfleisch, rinderhack | viande hachée, bœuf haché, boeuf haché | carne picada, carne molida | carne macinata, macinato | daging sapi giling, daging giling
beef | rindfleisch | bœuf, boeuf | carne de res, ternera, carne | manzo | daging sapi, daging
pork | schweinefleisch | porc | cerdo | maiale | daging babi
bacon | speck, bauchspeck | lardons, lard | tocino, panceta, beicon | pancetta, guanciale | daging asap
ham | schinken | jambon | jamón | prosciutto | ham
fish | fisch | poisson | pescado | pesce | ikan
salmon | lachs | saumon | salmón | salmone | salmon
tuna | thunfisch | thon | atún | tonno | tuna
prawn | garnele | crevette | gamba, langostino | gambero, gamberi, gamberetti | udang
vegetable stock | gemüsebrühe, brühe | bouillon de légumes, bouillon | caldo de verduras, caldo | brodo vegetale, brodo | kaldu, kaldu sayur
chicken stock | hühnerbrühe | bouillon de volaille, bouillon de poulet | caldo de pollo | brodo di pollo | kaldu ayam
soy sauce | sojasauce, sojasoße | sauce soja | salsa de soja | salsa di soia | kecap asin, kecap manis, kecap
peanut | erdnuss, erdnüsse | cacahuète, arachide | cacahuete, maní | arachide, arachidi | kacang tanah
almond | mandel, gemahlene mandeln | amande, poudre d'amandes, amandes en poudre | almendra, almendra molida | mandorla, mandorle, farina di mandorle | almond
hazelnut | haselnuss, haselnüsse | noisette | avellana | nocciola, nocciole |
walnut | walnuss, walnüsse | noix | nuez, nueces | noce, noci | kenari
cashew | cashewkern | noix de cajou | anacardo | anacardo, anacardi | kacang mete, mete
candlenut | kemirinuss | noix de bancoul | nuez de la india | | kemiri
sesame seed | sesam | sésame, graines de sésame | sésamo | sesamo | wijen
cocoa powder | kakao, backkakao, kakaopulver | cacao, cacao en poudre | cacao, cacao en polvo | cacao, cacao amaro | coklat bubuk, cokelat bubuk
dark chocolate | zartbitterschokolade, schokolade, zartbitterkuvertüre | chocolat noir, chocolat | chocolate negro, chocolate | cioccolato fondente, cioccolato | coklat masak, cokelat
vanilla extract | vanilleextrakt, vanilleschote, vanille | extrait de vanille, vanille, gousse de vanille | extracto de vainilla, vainilla, esencia de vainilla | estratto di vaniglia, vaniglia, vanillina | vanili, ekstrak vanila
cinnamon | zimt, zimtstange | cannelle | canela | cannella | kayu manis
nutmeg | muskat, muskatnuss | noix de muscade, muscade | nuez moscada | noce moscata | pala
ginger | ingwer | gingembre | jengibre | zenzero | jahe
turmeric | kurkuma | curcuma | cúrcuma | curcuma | kunyit
ground coriander | koriander | coriandre | cilantro molido | coriandolo | ketumbar
cumin | kreuzkümmel, kümmel | cumin | comino | cumino | jintan
paprika | paprikapulver | paprika | pimentón | paprica, paprika dolce |
black pepper | pfeffer | poivre | pimienta | pepe, pepe nero | merica, lada
clove | gewürznelke, nelke | clou de girofle, girofle | clavo | chiodo di garofano, chiodi di garofano | cengkeh
lemongrass | zitronengras | citronnelle | hierba limón | citronella | serai, sereh
bay leaf | lorbeerblatt | laurier, feuille de laurier | laurel, hoja de laurel | alloro, foglia di alloro | daun salam
parsley | petersilie | persil | perejil | prezzemolo | peterseli
basil | basilikum | basilic | albahaca | basilico | kemangi
thyme | thymian | thym | tomillo | timo | timi
rosemary | rosmarin | romarin | romero | rosmarino | rosemary
marjoram | majoran | marjolaine | mejorana | maggiorana |
oregano | oregano | origan | orégano | origano | oregano
mint | minze | menthe | menta, hierbabuena | menta | daun mint
chive | schnittlauch | ciboulette | cebollino | erba cipollina | kucai
mustard | senf | moutarde | mostaza | senape | mustar
tamarind | tamarinde | tamarin | tamarindo | tamarindo | asam jawa, asam
wine | weißwein, rotwein | vin blanc, vin rouge | vino blanco, vino tinto | vino bianco, vino rosso |
jam | marmelade, konfitüre | confiture | mermelada | marmellata, confettura | selai
`;
