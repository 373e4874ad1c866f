/**
 * Family names of many countries, so that a client's is heard as a name where no card has it. From the lists of the package
 * @faker-js/faker (MIT licence), evenly taken, in plain letters, those of three to eleven.
 */
export const FAMILY_NAMES = `
aalbers aalerud aaltonen aas aasen abaci abadan abalioglu abate abay abbas abbott abdi abel aberg abernathy abeyta abimanyu abiodun abiola abiputra
abodunrin abosede abrahamsson abrego abshire acar acevedo achari acharya acheampong achim achkinadze acikalin acikgoz aclan acquadro acuna adadevoh
adal adam adamczak adamiak adams adamus adan adanir adaobi adcock adebayo adegboye adegoke adem ademayowa ademola adeniyan adeoluwa aderinsola
aderonke adesina adewale adewunmi adewura adeyemo adhitama adiga adin adivar adomah adomako adongo adorno adriansyah adu adusei adutwum afifah
afirifa afoakwa afolabi afunku agaoglu agarwal agboola agca agirbas agnello agnes agosto aguilar aguirre agustian agustina agyapong agyare agyei
agyemang ahluwalia ahmad ahmed ahonen ahortor ahrenberg ahuja aigbiniode airlangga ajakaiye akal akalin akan akar akay akaydin akbaba akbay akbulut
akcal akcali akcan akcay akdag akdemir akel akerele akesson akgoz akgul akgun akinci akintade akisik akkan akkas akkaya akkoc akkor akkoyun
akkoyunlu akkurt akman akoto akowua akpinar aksakal aksel aksit aksoy aksungur aktan aktas aktay akyeampong akyel akyena akyildiz akyurek akyuz
alamsyah alaniz alba albertyn albu albuquerque alcala alcamo alcantar aleman alev alexa alexander alexandru alfermann ali alicea alici aligbe
alizadeh alkan alkaya almanza almonte alniacik alonzo alpman alpugan altan altenwerth altieri altinay altinbas altinel altinisik altinok altintas
altiok altun altuntas alva alyanak amador amaechi amanta amaya amici aminat amla amo amoa amoako amoasi ampadu ampofo amponsah amundsen ananda
anandya andersen anderson andersson andini andorful andre andreassen andreasson andrei andrekovic andresen andriani angeletti anggraini anggriawan
anguiano anjani ankra ankunding anokye ansa antal antenucci antoni anttila antwi aparicio aponte apostol appia appiah aqila aquino arana aranda aras
archuleta arda ardana ardeleanu ardianto ardiyanti aremu arenas arendt arguello arias arican arifin arig arik arikan arman armendariz armijo
armstrong arnaud arnesen arora arreola arroyo arslan arslanoglu arteaga arvidsson aryani aryanti asamoa asamoah asan asante asare asci ascione
asenso ashley asiama asiedu asik asikoglu asil asimi askin aslan aslanoglu astafei astuti aswandi ata atakan atakol atalik atan atanda atasever atay
ates atici atik atilgan atli aubert aubry auer aufderhar aurelia avalos avan avci avcioglu aviles awuah axelsson ayaydin ayaz aybar aycan aydan
aydemir aydin aydogdu aygun ayhan ayisat aykac aykan aykurt ayobami ayomide aytac aytek aytekin ayverdi azizah azzahra baa baafi baah baawia babacan
babali babalola babaoglu babatunde baca bacci bacher baciu bademci badjuk badu baez baeza baganz bagaskara baginski bagis bahadir bahringer bailey
bak bakan bakirci bakircioglu bakke bakken bakker bakos balaban balan balaskovic balazs balci balderas balducci balint balistreri balla ballesteros
balli balog balogh balogsandor balogun baloyi baltaci balzer bamisebi banasiak banerjee bang banica banov banuelos barajas baran baranowski
barbagallo barbier barbieri barbu barisic barlas barna baron barragan barre barrera barresi barrientos barrios barros barrows barta bartell
bartkowiak bartoletti barton basaran baser bashirian basmaci basoglu bassi batista battke baturalp batz bauch baumbach bauschke bayazit baydar bayer
baykam bayraktar bayraktutan baysoy beahan beatty bech bechtelar becker beckmann bedan bedewitz bednar bednarek beer beier bejan bekavac bekdik
bektas bektasoglu bellini bello beltran belz benatti benavidez bengtsson benitez benjamin benoit benvenuto berberoglu berg berge berger berggren
berglund bergman bergnaum bergqvist bergstrom berk bernal bernard bernasconi bernhard bernier berntsen bertelsen bertrand beserler besikci beso
besok bester betancourt betz bhadresha bhana bharadwaj bhat bhattathiri bhengu bialek bianchi bicakci bicer biedermann bielak bieniek bienkowski
bijl bildik bilen bilge bilgen bilgic bilgin bins bionaz birinci birkemeyer birlik biro bisgaard bjelanovic bjerke bjerregaard bjork bjorklund
bjornstad blaga blanc blanchard blanda blaszczyk blick block blockhaus blom blomqvist boadi boadu boahen boakye boaten boateng bobeta bode bodea
bodini bodnar boduroglu boehm boer bogan bogdan bogenrieder bogisich bognar bogucki bolat bolatli bolukbas bolukbasi bona bonde bonetti bongo
bonilla bonnet bonsra bonsu boratav borbely bordoni borer borge borkowski boros borrmann bos boscaino bosch bosco bosman bota botello botsford
boucher bourgeois boxhammer boyaci boyer boyle boz bozdogan bozkir bozkurt bozoglu bozzi bradtke braga brahaj brakus brandt bratu brauer braun bravo
breitenberg brekke brenner breton brigandi briseno brix broda bromfield brouwer brown bruen brun brunet bruno bruns bruun bucakli buch buchele
buckridge buczek buda budai budak budiman budiyanto budzynski bueno buhl bui bujak bulak bultmann bulut bundgaard burlacu burmeister buruk busak
busari bustamante butera butt buttner byrd caballero caban caggiano cagiran cajka cajner cakir caldera califano calvillo camacho camdali cameron
campana campbell campos can cancelliere candelaria cannata cantu capanoglu capecchi cappai capuano carbajal cardenas cardia cardona carini carlsen
carminati caron carpentier carranza carre carrero carrillo carrion carroll carrozza carter cartwright carvalho casagrande casanova casarez caselli
casillas casper cassim cassin castaneda castellani castillo catalbas cataldo catalinac catana cavaliere cavazos ceballos ceccarini cehmajster ceja
celebija celik celli centeno cerda cerutti cervantez cetin cetiner cevik champlin chapa chapron charles charpentier chaturvedi chavez chetty
chevalier chiaravalle chibike chibuike chidinma chidozie chiriac chirita chivu chmura cholewa chopra christensen christian cianci cichon ciesla
cilli cintron ciocan ciotti cittadino claesson clare clark clarke clausen clement colantuono cole colin collado collet collier collins colunga coman
concas concepcion conn connelly conrad conroy considine contreras contu cook corekci corkery cormier cornejo cornelissen coronado corrales corrao
corsten cortes cortez corti corwin cosma costa costanza costea cousin covaci covarrubias cox craciun cremin cremonesi crisan criscenti crist
cristescu crona cronin crooks crosskofp cruciata cruickshank cruz csonka cucu cullinan cummerata cummings curiel cuzzocrea cybulski czajkowski czech
czerwinski daako dabcevic dabkowski dach dagdas daglaroglu dahl dahlberg dalgaard dalkiran dam damanik damayanti damiani damm dan daniel danielsen
danielsson danila danner danso dare darko darmawan darojat darteh dartey daugherty dauth david davidovic davidsen davies davila davis deak deane
debski dec deckow deja dekker delacruz delagarza delapaz delatorre deleon delgado delvalle demir demirbas demirel demurtas denesik denis denkel
dertmann desai deschamps deshpande devald devar dhawan dhlamini diaconu diana dibbert dickens dicki dickinson dies dietrich dijkstra dinca
dingelstedt dirgantara dixon dizdar djokoto dlamini dobel dobler dobre dogan dogaru doherty domagala donato donkor donnelly dooley dopsa douglas
dower doyle drabik draghici dragomir dragu drews driessen drinjak drozdz duah duarte dubashi dube dubois dubuque duca dudas dudek dufour dumas
dumitrascu dumitriu dumont duong dupont dupuis dupuy durak duran durand durgan durmaz dusenkalkar duszynski duta dutta duval duygulu dwamena dwivedi
dzakmic dzokoto ebert ebubechukwu echevarria ecker edvardsen edwards effertz egbochukwu egeli ehigiator ehrig eide ekici eklund eksioglu ekstrom
ekwueme elciboga elebiyo eleyth eliasson elicin elizabeth elvina elworthy emard embranthiri emmanuel emmerich ene engelen engstrom enriquez erbay
erberk erbulak ercetin erdman erdogan erez erginsoy eriksen eriksson erkekli ermini ernser ernst eronat ertepinar erturk esbensen escamilla escobar
esparza espino esquibel esquivel estevez esther evans evensen evers evliyaoglu ewald fabbri fabian fabre faculjak fadda fadel fahey falk fanelli
farago faresta farias farida farkas farrell fasano fathina faure fay fazekas febian febrianti fedele feeney feest feher fehrig feil fekete fernanda
fernandez ferracuti ferraris ferrini ferry feuerbach fichardt fierro figueroa filimon filipan filipek filippini fink finstad fiorentini firgantoro
firmansyah fischer fischetti fish fisher fjeld flak flatley fleury florczak florea florez fodor fofie foged fontaine fontana forsberg fortunato
fossum fosu fournier frami francezi franchi franco francois frandsen franecki franey franke frankowski fransson fratczak frauen frederiksen
fredriksen fredriksson freriks frey frezza frias friesen friess fritsch fujiati fuller fulop fundak funk funmilayo fusaro fust gabor gade gaillard
gaitan gajdos gajewski gakstadter gal galarza galati galic gallardo galvan galvez gamper ganaka gandhi ganea gaona garcia garden garibay garnier
garrido gasiorowski gaspar gasparini gast gastelum gauthier gautier gawron gazo gbadamosi gbogboade gehrig genna gens georgescu gerard gerhold
gerlach gerritsen gervasi gesell gheorghita gherman giannetti gibbs gibson giesche gigli gil gill giorgi girard giraud gislason giudice giurgiu
gleason gleichner glosli glover godanj godinez godoy goldkamp goldner golebiewski golinelli gomez gonultas gonzalez goodwin goonam goral gorczany
gordhan gorny gotthardt gottlieb gotzelmann govender gowda goyette grace gracia graczyk grady graham grams gran grana granados granat grant green
greenfelder greenholt gregersen greithanner grieco griffiths grigoras grigorescu grijalva grimes groen groothuizen grosser groza gruber grun gruszka
grzesiak grzybowski guajardo guarino guerin guerra guerrini guevara guha guillaume guillot gul guler gulgowski gulyas gumuspala gunarto gunawan
gunday gundersen gunes guneta gunnarsson gupta gurmen gurrieri gurule gusikowski gustafsson gutkowski gutmann gutschank guyot guzik guzman gyamfi
gyasi haag habeeb habel habibi hackett hada haferkamp hagen hagenes hahn haikal hajdinjak hajdu hajduk hakala hakansson hakim hakyemez halasz hald
haley halim halimah hall halvorsen halvorson hamalainen hamill hamilton hammes hamzaoglu hand handayani handoko hane hanifat hannich hanniske hansen
hansson harber hardiansyah harini hariyah harris hartati harting hartman hartmann harvey haryanti haryanto hasanah hassan hassanah hasse hastuti
hathorn hauck haugaard haugen hayes hayworth hazes heaney hearne heathcote heberstreit hedegaard hedlund hegedus hegmann heidenreich heidler
heikkila heikkinen heinonen heist heller hellstrom henderson hendriks hennes henriksen henriksson henriquez henry hentschke herlambang herman
hermann hermans hermansen hermansson hermawan hermiston herms hernandez herzenberg herzog hessel hettinger heydemuller hickle hidalgo hidayanto
hidayat hill hiller hilll hills hilpert hiltunen himawan hinojosa hintz hirthe hirvonen hitchinson hjort hjorth hlatshwayo hlavati hlongwane hoang
hodea hodkiewicz hoeger hofman hoft hohnheiser holm holmberg holmgren holmqvist holzdeppe homenick hopland hoppe horacek horak horne horvath howe
howell hubert hubner huckestein hudson huel huels huerta huet hughes huisman huls huseby hutagalung hutapea hutasoit hyatt iacob iannaccone ibarra
ibranovic ichim iezzi ilicali ilie illes ion ionita iorga iorio irawan irfandi irimia irizarry isaac isak isaksson isik ismail isokun ispiranovic
israel istrate iswahyudi ivascu iversen iwanski iyalla iyengar iyer jackson jacobi jacobs jacobsen jacobson jacquet jagielski jahnke jailani jaime
jain jakab jakobsen jakobsson jakubiak jakubowski james jamiu jangid janicki janke jankovitch jankowiak jansen janssen jansson januar janusz
jaramillo jarvinen jarzabek jaskolski jast jaworski jazvinsak jean jegorov jelita jenkins jensen jeppesen jerde jespersen jha jimenez jimoh
johannessen johannsen johansen johansson johar johns johnsen johnson johnston jokinen joly jonas jones jonker jonsson jorgensen joseph joshi joshua
jossa jostiak jozwiak juarez juhasz juhl julien jurkiewicz justesen justina juwita kabic kaczmarek kaczynski kahler kahveci kahyang kakkar
kalinowski kalisz kallio kaluza kalyan kamber kaniyar kaplan kaplangi kapoor kappler kaproncai kapusta kara karabocek karabulut karadas karaduman
karaer karikari karjalainen karlsen karlsson karwowski kasapoglu kaselj kasprzyk kassulke kasten katherine kathrada katona kaul kaur kautzer
kavaklioglu kaya kayode kazmarek kececi keebler keeling keith kelemen kelly kemmer kemp kemper kempis kennedy kepa kerekes kerluke kertzmann
keseroglu kesina keskin kessler kette khan khanna khatri khoza khumalu khuzwayo kiehn kihn kilback kilic kilicci kimberly king kinnunen kinzy kirac
kiraly kirlin kis kisiel kiss kjaer kjeldsen klauder klausen klein kleinmann kleven kling klink klisanin klocko klusener kmiecik kneifel knorr
knudsen kobus koc kocabiyik kocchar koch kocoglu kocsis kocyigit koczulla koelpin koepp kohler koivisto kok kokar kolakowski kolb koncar konieczna
konig koning konopelski konya koomson koper korhonen korkmaz kormukcu korol kos kosalec kose koskinen koss kostrzewa kovacek kovacs kowal kowalik
koybasi koyluoglu koyuncu kozak kozey kozma krajcik krajina kral kraljinovic kramer krawiec krebs kreiger kris kristensen kristiansen krogh krohn
krupinski kruschinski krzeminski krznaric kshlerin ksiazek kub kubheka kubica kucharczyk kucinski kucukler kuday kufahl kuhic kuhlman kuhn kuhnemund
kuijpers kuiper kula kulas kulik kumcuoglu kumi kunde kunene kunt kunter kunz kunze kuphal kurniawan kurt kurutluoglu kus kuschewitz kusi kusmawati
kusuma kusumo kuswandari kuswoyo kutch kutlay kutlija kuvalis kuypers kuzucu kvarme kvasina kwaakye kwarteng kwiecinski kyei laakso laaksonen
labadie laboy lacroix ladega ladewig lahtinen lailasari laine laitinen lakatos lakin laksita laksmiwati lam lambert landi lang langfeld langosh
langworth lara larkin larsen larson larsson laskowski laszlo latifat latupono laurent lauridsen laursen laux lawal lazuardi lazzari leal leannon
lebsack leclerc leclercq lecomte ledesma ledner lee lefebvre lefevre leffler legrand legros lehner lehtinen lehto lehtonen leibold leilani leinonen
leitheim lemaire lemke lemoine lemus lenart lengyel lentini leon leonard lepore leppanen lepthin leroux leroy lesch lesmana lestari letsoalo
leuschke levanic lewicki lewis leyva lie liebich liguori limoncuoglu linares lind lindberg lindgren lindholm lindner lindqvist lindstrom linsey
lipinski lisiecki littel little ljevnaic llamas lobinger locci lockman lofgren loken lombardo lomeli longoria lopez lorentzen lorenz lori louis lowe
loya lozano lubbers lubina lubke lubowitz luca lucas lucchese lucio ludolf lueilwitz luettgen lugli lugo lukacs luna lund lundberg lunde lundgren
lundin lundqvist lundstrom lupu luzzi lynch maas mabaso mabunda macanic macdonald macedo macejkovic macgyver macias mackiewicz madrid madsen maestas
maftei magdalenic maggiani maggio magnussen magnusson magyar mahabeer mahajan maharani mahardika mahendra mahestri maheswara maheswari mahlangu mai
maillard maio maisch majcher major majstrenko makela makhanya makinen makowski makuachukwu malave maldonado malik malinowski malojcic maltese
maluleke mandala mandasari manea mangano mangunsong mann manninen manole mansell mansson mansur mante mantovani manullang marahrens marak marano
marar marbun marcec marchal marchand marchetto marcussen mardhiyah marega mares marginean marie marin marini marinkovic markham markiewicz marks
maroevic marpaung marquardt marquart marquez marra marroquin martens martensson martin martinelli martinez martins martinsen martinsson marton marty
marvin maryadi maryam maryati maryjane marzocchi mascarenas maseko maslanka maslowski masojevic mason massa masson matarazzo mate matei mateo
mathebula mathes mathieu mathisen matias matijasevic mattila mattsson matuszewski mau maulana mauri mayasari mayer mayert mayhos mayorga mayowa
mazibuko mazilu mazzei mazzotta mbatha mcclure mccullough mcdermott mcglynn mchunu mckenzie mclaren mclaughlin mclean mcmillan medhurst medrano
meeuwis megantara mehl mehra mehrotra meijer mejia melani melendez meli melinda melo meloni menard menchaca menendez menna menon mensa mensah
mercado mercier merino merola merseburg mertoglu mertz meszaros metz meunier meyer meza mezei mhlanga mhlongo michalik michallek michel mielczarek
miettinen migliaccio mihai mihailescu mihalcea mihaljec miklas mikula milczarek militaru militello miljanovic miller mills milton miracle miranda
mirea mishra misiak mitchell miu mkhize mladenovic mlynarczyk mngomezulu mnisi mobolaji mockenhaupt mocks modica modise moe moen mofokeng moga
mogbadunade mohamed mohr mohrhard mojica mokwena mol moldovan molefe molenaar molenda molina moller mollinger molnar moloi monahan monroy montagna
montanez montemayor montero monterosso montes montez moonsamy moore moors moosa moraes morales morar moraru mordenti mordhorst moreau moreira morel
morgan morin morissette moro morrison mortensen mosciski moses moss mosti mota motalo motaung motloung moulin mphahlele mraz mroczek mrugalla
mthembu mthethwa mtshali mucha mudau mueller muinat mukaram mulder muller mulyani munch munguia muniz munk munsamy munteanu muratore murazik murillo
murphy murray musat mustapha mustika mustofa mustonen mutiat myhrer nababan nader nagel nagy nagypalfi naik nainggolan nair najmudin nalbantoglu
namaga nambeesan namboothiri nanda napitupulu napoletano naranjo narpati narvaez nashiruddin nastase nasyiah nasyidah nathania natsir nava navarrete
nawrot nayar nazario ndaba ndlovu ndukwu neagoe neamtu nebioglu necula negoita negron negru nehru neimke nemes nemeth nenadov neupert ngcobo ngo
ngozi ngubane nguyen ngwenya nhlapo nica nicolae nicolas nicoletti niculae niedermeier nielsen niemczyk niemi nieminen nienow nieto nieves nijland
nikolaus nilsen nilsson ningrum nissen nistor nitu nitzsche nkansa nkansah nkomo nkosi nkrumah nobili noel noga nogueira noh nojeem nolan norberg
nordby nordin nordskaug nordstrom noriega normann novak novitasari nowakowski nsia nti ntiamoa ntim ntuli nucci nugraha nugroho numanoglu nunez
nuraini nurdiyanti nurlaela nwachukwu nwogu nwuzor nxumalo nyaako nyame nyantakyi nyberg nygaard nygard nystrom obeng oberbrunner oberg obiageli
obianuju obrezanac ocasio ochse odunayo ofori ofosu ogunbanwo ogunwande ojala ojeda okonkwo okpattah oktavian oktaviani oktovian okumus okuneva
okunola okur okyere oladeji oladimeji olah olaoluwa olariu olasunkanmi olawale olczak oliphant olivares olivarez oliveira olivera olivier olivieri
olofsson olsen olson olsson olstad oltean olubukola olubunmi olufeyikemi olumide olutola oluwakemi oluwanisola oluwaseun oluwaseyi oluwashina
oluwatosin olvera omani omobolaji omobolanle omolara omowale ondricka onnen onohinosen onose ontiveros onur oosterhuis opeyemi opoku oppong oprea
opuku orak oraloglu orban orbay ordonez orge orn ornelas orosz orozco orsos ortega ortiz ortolani orzechowski osei osinski osmanlic ostrowski
osuagwu otero oti otiwa otuo owen owusu oyebola oyelude oyinkansola oymen ozansoy ozberk ozbey ozbir ozcan ozdemir ozdenak ozdogan ozer ozgorkey
ozkan ozkara ozkok oztonga oztuna ozturk pabon pacini pacocha padberg padilla padmasari paduraru paez pagac pagan pajak pajeska pajonk paksut pal
pala palacios palastri palka pallesen pallotta palomo palsson pamper panait panaro pandey panek pangestu panicker paolella paone pap papp paredes
parente paris parisian parker parkin parnell partida parvu pasalic pascali pascu passeri paszkowski pasztor pataca pataki patel paterson patil
patino patruno paucek paul paun pavelic pawlik pecoraro pedersen pedraza peeters pekkan pektemek pelayo pellegrino pena peralta perdana perego
pereira perez permadi permata perrin perrini perrot persson pertiwi petcu peter petersen peterson petit petito petre petrescu petrovac pettersen
pettersson pezzella pfeffer pflieger pham phan philippe phillips phung piatek pica picard pichardo pichler piekarski pierre pietrzak pilla pillai
pillay pinardi pingpank pinter pintilie piotrowicz pirone piscopo pithey pitkanen pivar pizarro pizzo plauk plazonja plonka pluta pocan podbarac
poels pohl poirier polanco polat polimeno pollich pollock pompilio ponitzsch pons poore pop popescu porebski porras posada post postma pothuvaal
poulsen pouros powell powlowski poyrazoglu prabowo pradana pradipta prado prah prajapat prakasa pranowo prasasta prasetya prasetyo prastuti pratama
pratico pratiwi prayoga preda predovic prempeh preradovic prevost price priemer prieto prince prinsen prinsloo procter prohaska proietti prosacco
przybylski ptak pudjiastuti puga pugliesi puiu purdy purnama purnawarman purnawati purwadi purwanti puspasari puspita putra putri quartey quezada
quigley quinn quinonez quintanilla quiroz quitzon rabljenovic rach rachmawati racz radmanovic radu rael rago rahardian rahayu rahimah rahmawati
rajasa rajata rak rakusic ramadan ramadhani ramirez rana randazzo rantanen rasanen rascon rasmussen rath ratke ratkovcic rau ravaioli ravn rayhan
raynor razo reddy rees reiber reichel reichert reid reilly reinberg reinger reis rempel remy renard renaud renault rendon rendra renna renner
renteria renz reus rey reyes reynolds reynoso rice richard richards richardson richter ridolfi riester rietman rimai rincon riojas rios ripken
rippin ritchie ritsma riva rivera riviere riyanti robak robel robert roberts robertson robin robinson robledo rocha roche rockmeier rodigari
rodriguez roed rogahn roger rohan rohrer rojas rojek roldan rolfson rolland romaguera roman romeo romero roob roque rosales rosario rose rosenbaum
rosinski ross rossetti rosu roth rottger rousseau roussel roux rowe roy roybal royer ruberto rudan rudzinski ruecker ruelas runolfsson runte rus
russel rutherford ruud ryan rybak ryjikh rzepka saarinen saavedra saba sabau sabdat sabian sacchi sadiki sadiklar saefullah saenz saether safitri
safo sagafe saheed sahin saini sakanovic salahudin salami salas salcedo saldana salemi salgado salinas salma salminen salo salonen salsabilla
salvatori salzmann samanci samohodaj samosir samuel samuelsson sanabria sanchez sandalci sandberg sanders sandor sandstrom sandu sanford sansone
santacruz santiago santilli santos santoso sanusi saponaro saptono saputra saputri sarabia saragih sarah saraiva saraswati sari sarioglu sarkozi
sarpong sassano satria satterfield sauceda sauer saumweber sava savolainen sawayn sawicki sayginer scaglione scarpa schaden schaefer schahbasian
schamberger schaning schenk scheytt schillaci schiller schimmel schinner schipper schlechtweg schmeler schmidt schmidtchen schmitt schneider schoen
scholten schonfeld schott schowalter schreiber schroder schroeder schuhaj schulist schultz schulze schumm schuppe schuster schutz schutzbach schwalm
schwarz schwerdtner scott scrofani sedillo segavcic segunmaru segura seiders sekinat sen senger sepe sepetci serban serna serrano sestito sethi
setiawan sevilla sezek shah shanahan sharma shields shongwe shukla sibiya siebel sienkiewicz siewert signorini sihombing sihotang siketanc silva
simanjuntak simbolon simeti simion simon simonis simonsen simsek sinaga sinanoglu sinclair singh sinha sipes sipos siracusa sirait siregar sisneros
sitek sithole sitompul sitorus situmorang sjoberg sjogren skenderija skiba skibicki skiles skoglund skora skov skowronek skuterud slatinac smajlovic
smedsrud smeets smith smitham smogeli smyth snooke soare sobczyk sochacki soderberg solberg solheim solis soliz solli sollner solmaz solorzano solta
soltysiak somayaji somogyi soos sorensen sorlie soro sosa sosnowski soto souza sozeri spagnuolo spelmeyer spencer spinelli spinka spiranec sporer
sprenger srakic stachowicz staicu stamm stanciu stanescu stanton stark staszewski steding stefanescu stefaniak steffensen stehr steinert stensrud
stepanov stepien steuber stewart stiedemann stockert stoica stokanovic stokes stolarski stolle stoltenberg storm stracke strand strano straub
streich strieder strmota strom stroman stromberg strosin suartini suciu sudiati sudrajat sulaimon sundalic sundberg supriyanto suryatmi suryono
susac susanti suthar suthe suwarno svendsen svensson swaniawski swiderski swift syahreza sylvester symcox szabo szafranski szalai szasz szczepanik
szczygiel szekely szekeres szelag szilagyi szoke szucs szwarc szymczak szyszka tabacek tafelmeier tafoya tagliaferri tagore tahincioglu taiwo takacs
takyi talwar tamas tamayo tamba tampubolon tamunoemi tanasijevic tandon tang tangen tanrikulu tapia tarihoran tarnowski tarquini tas tasci tasli
tataru tawia taylor tazegul tedeschi tejeda tekand tekelioglu tekin tella temitope teran terheiden terlouw terrazas terry terzo thamrin thiel thomas
thompson thomsen thomson thoresen tiedtke tikas tillman timmermans tirado tischmann toader todaro toft toivonen tokatlioglu tokgoz tolulope tomala
tomei tomescu tomys topaloglu topcuoglu topfer toraman torgersen toro torok torp torphy torresi torrez toth toto tovar towne toy tramposch tran
trandafir trantow trautmann tremblay treutel trevino trifan trinh tripodi trivedi tromp trujillo truong truter trzcinski tsabalala tschirch tsotetsi
tuckett tudorache tuglu tugluk tulla tumbarello tunaboylu tunceri tuominen turan turcotte turcu turkdogan turkyilmaz turner turunen tutu tutuncu
tuzun tweneboa twumasi ubavin uca uchechi ullmann ulloa ullrich uluhan unal upton urban urbanowicz urena urias urrutia ursu usada usamah utama utami
uwais uyainah vaccari vaip vaisanen valadez valdivia valencia valenzuela valic valladares valle vallejo valverde vandervort varadi varela varga
vargas varma varman varrier vascotto vasilescu vass vasseur vater vedvik veenstra vegge vela velasquez velez velioglu venegas venter venturini
verbeek verdugo verduzco veres verhoeven verma vermeulen vestergaard veum vichi vidacek vidal viera viklund villa villadsen villalobos villanueva
villarreal villegas vincent vinci vincze vink vinther virag virtanen visan visintin visser vitman voelkel voicu volk volkman volpe von vonrueden
voros vos vracar vukadin vuong wacana wachtel waelchi wagenaar wahyudin wahyuni walker walkowiak wallin walsh walter waluyo ward wardana wasita
wasiu waskita wassilew wastuti waters watsica watson wawrzyniak weber wegrzyn wehner weigel weimann weissnat welch welsch werrmann wesley west white
wiafe wibisono wibowo wicaksono widiastuti widodo wiebe wiegand wierzbicki wijaya wijayanti wikstrom wilcox wilderman wilhelm wilkinson will willems
willemsen williams williamson willms willoughby wilson winarno winarsih windler winiarski winkler wintheiser winther wisniewski wisoky wisozk
witkowski witting wiza wojcik wojtas wolak wold wolf wolff wolters wood wos wright wronski wuckert wulandari wunsch wuraola wurm wyman wysocki xaba
xavier yaamoa yalcin yanez yanuar yaqub yavuz yawson yazici ybarra yeboa yeboah yesilkaya yetkiner yildirim yildiz yildizoglu yilmaz yilmazer
yirenkyi yolanda yorulmaz yost young yudhistira yuksel yulianti yulianto yuliarti yundt yuniar yussuf zaborowski zabrdac zach zaharia zahrah zak
zamboni zamora zanon zapata zarate zaremba zauber zawadzki zayas zbodulja zboncak zelaya zemlak zgrabljic ziegler ziemann zieme zijan zijlstra
zimmerman ziolkowski zipse zito zondi zuiderveld zukowski zulaika zulauf zulkarnain zulu zuma zungu zuniga zvanic zwane zwolinski
`;
