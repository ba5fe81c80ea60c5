/** Sugars, syrups, sweeteners and sweets. */
export const sugars = `
granulated-sugar | granulated sugar; sugar; white sugar; table sugar; sucrose; cane sugar; beet sugar; saccharose; pearl sugar; sugar cube; raw sugar; preserving sugar; sanding sugar; nib sugar | d=.85/.82/.9 n=0/0/100/100/0/0 syrup=1 is=sugar named job=sweetener,browning packs=1000
caster-sugar | caster sugar; castor sugar; superfine sugar; super-fine sugar; golden caster sugar; baker's sugar; bakers sugar; fine sugar; white caster sugar | d=.9/.86/.95 n=0/0/100/100/0/0 syrup=1 is=sugar named job=sweetener,browning packs=500,1000
icing-sugar | icing sugar; powdered sugar; confectioners' sugar; confectioners sugar; confectioner's sugar; royal icing sugar; fondant icing sugar; snow sugar; 10x sugar | d=.5/.42/.56 n=0/0/99/98/0/0 syrup=1 is=sugar named job=sweetener packs=500,1000
brown-sugar | brown sugar; light brown sugar; dark brown sugar; muscovado; muscovado sugar; soft brown sugar; light muscovado sugar; dark muscovado sugar; soft light brown sugar; soft dark brown sugar | d=.85/.6/.93 n=0/0/97/97/0/.1 w=2 syrup=.98 is=sugar named job=sweetener,browning packs=500
demerara-sugar | demerara sugar; demerara; turbinado sugar; turbinado; jaggery; palm sugar; coconut sugar; rapadura; panela; piloncillo; gula melaka; rock sugar; crystal sugar | d=.85/.75/.92 n=0/0/98/98/0/.1 w=2 syrup=.98 is=sugar named job=sweetener packs=500
jam-sugar | jam sugar; gelling sugar; sugar with pectin | d=.85/.82/.9 n=0/0/99/99/0/0 syrup=1 is=sugar job=sweetener,gelling packs=1000
vanilla-sugar | vanilla sugar; cinnamon sugar | d=.88/.82/.95 n=0/0/98/98/0/0 syrup=1 is=sugar job=flavour
golden-syrup | golden syrup; light treacle; invert syrup; invert sugar; trimoline; refiner's syrup | d=1.42/1.4/1.44 n=.3/0/79/79/0/.3 w=18 syrup=.82 loose=syrup named job=sweetener packs=454,907
glucose-syrup | glucose syrup; corn syrup; liquid glucose; light corn syrup; dark corn syrup; glucose; wheat glucose syrup; wheat-based glucose syrup; glucose syrup from wheat; barley glucose syrup; glucose-fructose syrup; high-fructose corn syrup; rice syrup; brown rice syrup; rice malt syrup; maltose syrup; maltodextrin; wheat maltodextrin; wheat based maltodextrin; wheat based glucose syrup; glucose syrup based on barley; glucose syrup based on wheat; dextrin; wheat dextrin | d=1.4/1.36/1.43 n=0/0/80/40/0/.1 w=20 syrup=.8 loose=syrup,glucose named job=sweetener,anticrystal packs=140,300,500
dextrose | dextrose; glucose powder; dextrose monohydrate; wheat dextrose; grape sugar; fructose; fruit sugar; isomaltulose; trehalose; lactitol; e966 | d=.7/.62/.8 n=0/0/91/91/0/0 w=9 syrup=.91 is=sugar job=sweetener,browning
honey | honey; clear honey; runny honey; set honey; creamed honey; acacia honey; manuka honey; honeycomb honey | d=1.42/1.38/1.45 n=.3/0/81/80/0/0 w=17 syrup=.82 named kind=honey job=sweetener,browning packs=340,454
treacle | treacle; black treacle; molasses; blackstrap molasses; pomegranate molasses; date syrup; date molasses; carob molasses; sorghum syrup; grape molasses | d=1.42/1.38/1.46 n=1/0/67/64/0/.5 w=22 syrup=.77 job=sweetener packs=454
maple-syrup | maple syrup; maple-flavour syrup; pancake syrup; agave; agave syrup; agave nectar; coconut nectar; birch syrup | d=1.33/1.31/1.36 n=0/0/67/60/0/0 w=32 syrup=.67 job=sweetener packs=250
sugar-syrup | sugar syrup; simple syrup; stock syrup; gomme syrup; fruit syrup; rose syrup; elderflower cordial; cordial; squash; grenadine; elderflower syrup; blackcurrant cordial; lime cordial | d=1.25/1.1/1.33 n=0/0/55/55/0/0 w=45 syrup=.55 may=sulphites job=sweetener
isomalt | isomalt; erythritol; xylitol; sorbitol; maltitol; mannitol; inulin; polydextrose; stevia; sucralose; aspartame; sweetener; saccharin; e420; e950; e951; e955; e960; monk fruit; sugar substitute | d=.85/.7/.95 n=0/0/100/0/0/0 job=sweetener
glycerine | glycerine; glycerin; glycerol; vegetable glycerine; e422 | d=1.26/1.25/1.26 n=0/0/100/0/0/0 job=humectant
caramel | caramel; caramel sauce; toffee; toffee sauce; fudge; dulce de leche; butterscotch; toffee piece; salted caramel; caramels; toffee popcorn | d=1.3/1.2/1.4 n=4/10/65/60/0/.4 w=18 in=milk may=soya job=flavour
burnt-sugar | burnt sugar caramel; caramel colour; e150; e150a; e150c; sugar caramel; gravy browning | d=1.3/1.2/1.4 job=colour
sulphite-caramel | e150b; e150d; sulphite caramel; ammonia caramel | may=sulphites job=colour
marshmallow | marshmallow; jelly sweet; gummy bear; wine gum; gelatine sweet; jelly baby; jelly cube; fruit jelly; jelly; turkish delight; sweets; candy; boiled sweet; sprinkles; hundreds and thousands; sugar strand; candyfloss; candy floss; mint humbug | may=gluten,milk,soya,eggs n=3/0/80/70/0/0 job=decoration
liquorice | liquorice; licorice; liquorice allsorts | in=gluten,wheat may=soya,milk job=flavour
marzipan | marzipan; almond paste; golden marzipan; massepain | n=9/22/60/58/3/0 w=8 in=nuts may=eggs job=flavour packs=500
persipan | persipan | may=nuts job=flavour
praline | praline; praline paste; gianduja; hazelnut paste; nougat; torrone; turron; turrón; nut brittle; nougatine; croquant | in=nuts may=eggs,milk,soya job=flavour
fondant | fondant; fondant icing; ready-to-roll icing; ready-made icing; royal icing; sugar paste; glace icing; icing | n=0/3/85/84/0/0 w=10 may=milk,soya,eggs job=decoration
royal-icing | royal icing mix; meringue; meringue nest; meringue powder; pavlova; italian meringue; swiss meringue | n=4/0/92/92/0/.1 in=eggs may=milk job=structure
buttercream | buttercream; butter icing; cream cheese frosting; frosting | n=1/28/62/60/0/.2 in=milk may=soya,eggs job=decoration
jam | jam; strawberry jam; raspberry jam; apricot jam; marmalade; conserve; fruit spread; redcurrant jelly; jelly preserve; plum jam; orange marmalade; blackcurrant jam; quince paste; membrillo; cranberry sauce; apple butter; apple sauce; compote | d=1.35/1.3/1.4 n=.5/0/65/62/1/0 w=34 may=sulphites job=flavour packs=340,454
lemon-curd | lemon curd; lime curd; orange curd; passion fruit curd; fruit curd | d=1.15/1.1/1.2 n=1/6/60/45/0/.2 w=33 in=eggs,milk job=flavour packs=311
chocolate-hazelnut-spread | chocolate hazelnut spread; hazelnut spread; chocolate spread; chocolate and hazelnut spread; nut spread | d=1.2/1.15/1.28 n=6/31/57/56/3/.1 in=milk,nuts,soya job=flavour packs=400
`;
