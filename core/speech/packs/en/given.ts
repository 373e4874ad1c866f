/**
 * Given names of the English-speaking world, many of them rare: so that a name is heard as a name, and spelled letters are
 * told from their likes. From the Moby word lists (Grady Ward, in the public domain), those of three to twelve letters.
 */
export const GIVEN_NAMES = `
aaren aarika aaron abagael abagail abba abbe abbey abbi abbie abbot abbott abby abbye abdel abdul abe abel abelard abeu abey abie abigael abigail
abigale abner abra abraham abrahan abram abramo abran ada adah adair adaline adam adamo adams adan adara adda addi addia addie addison addy ade adel
adela adelaida adelaide adelbert adele adelheid adelice adelina adelind adeline adella adelle adena adey adham adi adiana adina adlai adler ado adolf
adolph adolphe adolpho adolphus adora adore adoree adorne adrea adria adriaens adrian adriana adriane adrianna adrianne adriano adrien adriena
adrienne aeriel aeriela aeriell afton agace agata agatha agathe aggi aggie aggy agna agnella agnes agnese agnesse agneta agnola agosto agretha aguie
aguistin aguste agustin aharon ahmad ahmed aida aidan aigneis aila ailbert aile ailee aileen ailene ailey aili ailina ailis ailsun ailyn aime aimee
aimil aindrea ainslee ainsley ainslie ajay akim aksel alain alaine alair alameda alan alana alanah aland alane alanna alano alanson alard alaric
alasdair alastair alasteir alaster alayne alberik albert alberta albertina albertine alberto albie albina albrecht alden aldin aldis aldo aldon aldous
aldric aldrich aldridge aldus aldwin alec alecia aleda aleece aleen alejandra alejandrina alejandro alejoa aleksandr alena alene alessandra alessandro
aleta alethea alex alexa alexander alexandr alexandra alexandre alexandrina alexandro alexandros alexei alexi alexia alexina alexine alexio alexis alf
alfi alfie alfons alfonse alfonso alford alfred alfreda alfredo alfy algernon ali alia alic alica alice alicea alicia alick alida alidia alie alika
alikee alina aline alis alisa alisander alisha alison alissa alistair alister alisun alix aliza alla allan allard allayne alleen allegra allen allene
alley alleyn alli allianora allie allin allina allis allison allissa allister allistir allix allsun allx ally allyce allyn allys allyson alma almeda
almeria almeta almira almire aloin aloise aloisia alon alonso alonzo aloysia aloysius alphard alphonse alphonso alric alta althea aluin aluino alva
alvan alvera alverta alvie alvin alvina alvinia alvira alvis alvy alwin alwyn alyce alyda alyosha alys alysa alyse alysia alyson alyss alyssa amabel
amabelle amalea amalee amaleta amalia amalie amalita amalle amanda amandi amandie amandy amara amargo amata amber amberly amble ambros ambrose ambrosi
ambrosio ambrosius ambur amby ame amelia amelie amelina ameline amelita amerigo amery ami amie amii amil amitie amity ammamaria amory amos amy amye
ana anabal anabel anabella anabelle analiese analise anallese anallise anastasia anastasie anastassia anatol anatola anatole anatollo ancell andee
andeee anderea anders anderson andi andie andonis andra andras andre andrea andreana andreas andree andrei andrej andres andrew andrey andria andriana
andriette andris andromache andros andrus andy anestassia anet anett anetta anette ange angel angela angele angeli angelia angelica angelico angelika
angelina angeline angelique angelita angelle angelo angie angil angus angy ania anica anissa anita anitra anjanette anjela ann anna annabal annabel
annabela annabell annabella annabelle annadiana annadiane annalee annaliese annalise annamaria annamarie anne annecorinne anneliese annelise annemarie
annetta annette anni annice annie annis annissa annmaria annmarie annnora annora anny ansel ansell anselm anselma ansley anson anstice anthe anthea
anthia anthiathia anthony antin antoine antoinette anton antone antonella antonetta antoni antonia antonie antonietta antonin antonina antonino
antonio antonius antons antony any anya appolonia april aprilette ara arabel arabela arabele arabella arabelle araldo arch archaimbaud archambault
archer archibald archibaldo archibold archie archy arda ardath ardeen ardelia ardelis ardella ardelle arden ardene ardenia ardine ardis ardisj ardith
ardra ardyce ardys ardyth arel aretha ari ariadne ariana aridatha arie ariel ariela ariella arielle arin ario aristotle arlan arlana arlee arleen
arlen arlena arlene arleta arlette arley arleyne arlie arliene arlin arlina arlinda arline arluene arly arlyn arlyne arman armand armando armin
armstrong arnaldo arne arney arni arnie arnold arnoldo arnuad arny aron arri arron art artair arte artemas artemis artemus arther arthur artie artur
arturo artus arty arv arvie arvin arvy aryn asa ase ash ashbey ashby ashely asher ashia ashien ashil ashla ashlan ashlee ashleigh ashlen ashley ashli
ashlie ashlin ashly ashton asia astra astrid astrix atalanta athena athene atlanta atlante aube auberon aubert auberta aubine aubree aubrette aubrey
aubrie aubry audi audie audra audre audrey audrie audry audrye audy augie august augusta auguste augustin augustina augustine augusto augustus augy
aundrea aura aurea aurel aurelea aurelia aurelie auria aurie aurilia aurlie auroora aurora aurore aurthur austen austin austina austine ava ave
aveline averell averil averill avery averyl avictor avie avigdor avis aviva avivah avram avril avrit avrom axe axel aylmar aylmer aymer ayn bab babara
babb babbette babbie babette babita babs bail bailey bailie baillie baily baird bald balduin baldwin bale bambi bambie bamby ban bancroft bank banky
bar barb barbabas barbabra barbara barbaraanne barbe barbee barbette barbey barbi barbie barbra barby barclay bard barde bari barn barnabas barnabe
barnaby barnard barnebas barnett barney barnie barny baron barr barret barrett barri barrie barris barron barry bart bartel barth barthel bartholemy
bartholomeo bartholomeus bartholomew bartie bartlet bartlett bartolemo bartolomeo barton bartram barty bary baryram base basia basil basile basilio
basilius bastian bastien bat batholomew bathsheba batsheva baudoin bax baxie baxter baxy bay bayard bea beale bealle bear bearnard beatrice beatrisa
beatrix beatriz beau beaufort beauregard bebe becca beck becka becki beckie becky bee beilul beitris bekki bel belia belicia belinda belita bell bella
bellanca belle bellina beltran belva belvia ben bendick bendicty bendite bendix benedetta benedetto benedick benedict benedicta benedicto benedikt
benedikta benetta bengt beniamino benita benito benjamen benjamin benji benjie benjy benn bennett benni bennie benny benoit benoite benson bent
bentlee bentley benton benyamin ber berenice beret berget berk berke berkeley berkie berkley berkly berky bern berna bernadene bernadette bernadina
bernadine bernard bernardina bernardine bernardo bernarr berne bernelle bernete bernetta bernette bernhard berni bernice bernie bernita berny berri
berrie berry bert berta berte bertha berthe berti bertie bertina bertine berton bertram bertrand bertrando berty beryl beryle bess bessie bessy beth
bethanne bethany bethena bethina betsey betsy betta bette betteann betteanne betti bettina bettine betty bettye beulah bev bevan beverie beverlee
beverley beverlie beverly bevin bevon bevvy bianca bianka bibbie bibby bibbye bibi biddie biddy bidget bil bili bill billi billie billy billye bing
bink binky binni binnie binny birch bird birdie birgit birgitta birk biron bjorn blaine blair blaire blake blakelee blakeley blanca blanch blancha
blanche blane blayne blinni blinnie blinny bliss blisse blithe blondell blondelle blondie blondy blythe bob bobbe bobbee bobbette bobbi bobbie bobby
bobbye bobette bobina bobine bobinette bogart bogey boigie bond bondie bondon bondy bone boniface bonita bonnee bonni bonnibelle bonnie bonny boone
boonie boony boot boote booth boothe bord borden bordie bordy borg boris bourke bowie boy boyce boycey boycie boyd brad bradan brade braden bradford
bradley bradly bradney brady bram bran brana brand brandais brande brandea branden brander brandi brandice brandie brandise brandon brandtr brandy
brandyn brannon brant brantley breanne brear bree breena bren brena brenda brendan brenden brendin brendis brendon brenn brenna brennan brennen brent
bret brett brew brewer brewster bria brian briana brianna brianne briano briant brice bride bridget bridgette bridie brien brier brietta brig brigg
briggs brigham brigid brigida brigit brigitta brigitte brina briney brinn brinna briny brion brit brita britney britni britt britta brittan brittaney
brittani brittany britte britteny brittne brittney brittni brnaba brnaby brock brockie brocky brod broddie broddy broderic broderick brodie brody brok
bron bronnie bronny bronson brook brooke brooks brose bruce brucie bruis brunhilda brunhilde bruno bryan bryana bryant bryanty bryce bryn bryna brynn
brynna brynne bryon buck buckie bucky bud budd buddie buddy buffy buiron bunni bunnie bunny burch burg burgess burk burke burl burlie burnaby burnard
burr burt burtie burton burty butch byram byran byrann byrle byrom byron cacilia cacilie cad caddric caesar cahra cairistiona caitlin caitrin cal
caldwell cale caleb calhoun calida calla callean calley calli callida callie cally calv calvin calypso cam camala camel camella camellia cameron camey
cami camila camile camilla camille cammi cammie cammy candace candi candice candida candide candie candis candra candy caprice car cara caralie carce
care caren carena caresa caressa caresse carey cari caria carie caril carilyn carin carina carine cariotta carissa carita caritta carl carla carlee
carleen carlen carlene carleton carley carlie carlin carlina carline carling carlita carlo carlos carlota carlotta carly carlye carlyle carlyn carlynn
carlynne carma carmel carmela carmelia carmelina carmelita carmella carmelle carmen carmencita carmina carmine carmita carmon carney carny caro carol
carola carolan carolann carole carolee carolin carolina caroline caroljean carolus carolyn carolyne carolynn caron carr carree carri carrie carrissa
carrol carroll carry carson cart carter carver cary caryl caryn casandra casar case casey cash casi casie caspar casper cass cassandra cassandre
cassandry cassaundra cassey cassi cassie cassius cassondra cassy catarina cate caterina catha catharina catharine cathe cathee catherin catherina
catherine cathi cathie cathleen cathlene cathrin cathrine cathryn cathy cathyleen cati catie catina catlaina catlee catlin catrina catriona caty caye
cayla caz cazzie cchaddie cece cecelia cecil cecile ceciley cecilia cecilio cecilius cecilla cecily ced cedric ceil cele celene celesta celeste
celestia celestina celestine celestyn celestyna celia celie celina celinda celine celinka celisse celka celle cello cesar cesare cesaro cesya chad
chadd chaddie chaddy chadwick chaim chalmers chan chance chancey chanda chandal chandler chandra chane channa chantal chantalle charil charin chariot
charis charissa charisse charita charity charla charlean charleen charlena charlene charles charley charlie charline charlot charlotta charlotte
charlton charmain charmaine charmane charmian charmine charmion charo charyl chas chase chastity chaunce chauncey che chelsae chelsea chelsey chelsie
chelsy chen cher chere cherey cheri cherianne cherice cherida cherie cherilyn cherilynn cherin cherise cherish cherlyn cherri cherrita cherry chery
cherye cheryl ches cheslie chester cheston chet chev chevalier chevy chiarra chic chick chickie chicky chico chilton chip chiquia chiquita chlo chloe
chloette chloris chris chrisse chrissie chrissy christa christabel christabella christal christalle christan christean christel christen christi
christian christiana christiane christiano christie christin christina christine christoffer christoforo christoper christoph christophe christopher
christos christy christye christyna chrisy chrotoem chrysa chrysler chrystal chryste chrystel chucho chuck cicely cicily ciel cilka cinda cindee
cindelyn cinderella cindi cindie cindra cindy cinnamon cirillo cirilo ciro cissiee cissy claiborn claiborne clair claire clara clarabelle clarance
clare clarence claresta clareta claretta clarette clarey clari claribel clarice clarie clarinda clarine clarissa clarisse clarita clark clarke clary
claude claudell claudelle claudetta claudette claudia claudian claudianus claudie claudina claudine claudio claudius claus clay clayborn clayborne
claybourne clayson clayton clea cleavland clem clemence clemens clement clemente clementia clementina clementine clementius clemmie clemmy cleo cleon
cleopatra clerc clerissa cletis cletus cleve cleveland clevey clevie cliff clifford clim clint clio clive clo cloe cloris clotilda clovis cly clyde
clyve clywd cob cobb cobbie cobby codee codi codie cody cointon colan colas colby cole coleen coleman colene colet coletta colette colin colleen
collen collete collette collie collin colline colly colman colver con conan conant concettina conchita concordia conn conney conni connie connor conny
conrad conrade conrado conroy consalve consolata constance constancia constancy constanta constantia constantin constantina constantine constantino
consuela consuelo conway cookie coop cooper cora corabel corabella corabelle coral coralie coraline coralyn corbet corbett corbie corbin corby cord
cordelia cordelie cordell cordey cordi cordie cordula cordy coreen corella corenda corene coretta corette corey cori corie corilla corina corine
corinna corinne coriss corissa corliss corly cornall cornela cornelia cornelius cornell cornelle corney cornie corny correna correy corri corrianne
corrie corrina corrine corrinne corry cort cortie cortney corty cory cos cosetta cosette cosimo cosme cosmo costa costanza court courtenay courtnay
courtney cozmo craggie craggy craig crawford creigh creight creighton crichton crin cris crissie crissy crista cristabel cristal cristen cristi
cristian cristiano cristie cristin cristina cristine cristionna cristobal cristy crosby cross crysta crystal crystie cthrine cull cullan cullen culley
cullie cullin cully culver curcio curr curran currey currie curry curt curtice curtis cyb cybil cybill cymbre cynde cyndi cyndia cyndie cyndy cynthea
cynthia cynthie cynthy cyril cyrill cyrille cyrillus cyrus dacey dacia dacie dacy dael daffi daffie daffy dag dagmar dagny dahlia daile daisey daisi
daisie daisy dal dale dalenna dalia dalila dalis dall dallas dalli dallis dallon daloris dalston dalt dalton damara damaris dame damian damiano damien
damita damon dan dana dane danell danella danette dani dania danica danice danie daniel daniela daniele daniella danielle danika danila danit danita
danna dannel danni dannie danny dannye dante danya danyelle danyette daphene daphna daphne dar dara darb darbee darbie darby darcee darcey darci
darcie darcy darda dare dareen darell darelle daren dari daria darice darill darin dario darius darla darleen darlene darline darlleen darn darnall
darnell daron darrel darrell darrelle darren darrick darrin darryl darsey darsie darwin darya daryl daryle daryn dasha dasi dasie dasya datha daune
dav dave daveen daven daveta davey david davida davidde davide davidson davie davin davina davine davis davita davon davy dawn dawna dayle dayna ddene
dean deana deane deanna deanne deb debbi debbie debby debee debera debi debor debora deborah debra decca deck dede dedie dedra dee deeann deeanne
deedee deena deerdre deeyn dehlia deidre deina deirdre del dela delainey delaney delano delbert delcina delcine delia delila delilah delinda dell
della delly delmar delmer delmor delmore delora delores deloria deloris delphine delphinia demeter demetra demetre demetri demetria demetris demetrius
demott den dena dene deni denice denis denise denna dennet denney denni dennie dennis dennison denny denver deny denys denyse deonne der derby derek
derick derk dermot derrek derrick derrik derril derron derry derward derwin des desdemona desi desirae desiree desiri desmond desmund dev deva devan
devi devin devina devinne devland devlen devlin devon devondra devonna devonne devora devy dew dewain dewey dewie dewitt dex dexter diahann dian diana
diandra diane dianemarie diann dianna dianne diannne diarmid dick dickie dicky didi dido diego diena dierdre dieter dietrich dilan dill dillie dillon
dilly dimitri dimitry dina dinah dinnie dinny dino dion dione dionis dionisio dionne dionysus dirk dita dix dixie dmitri dniren dode dodi dodie dody
doe dolf doll dolley dolli dollie dolly dolores dolorita doloritas dolph dom domenic domenico domeniga dominga domingo domini dominic dominica
dominick dominik dominique don dona donal donall donalt donaugh donavon donella donelle donetta donia donica donielle donn donna donnamarie donnell
donni donnie donny donovan dora doralia doralin doralyn doralynn doralynne dore doreen dorelia dorella dorelle dorena dorene doretta dorette dorey
dori doria dorian dorice dorie dorine doris dorisa dorise dorita doro dorolice dorolisa dorotea doroteya dorothea dorothee dorothy dorree dorri dorrie
dorris dorry dorthea dorthy dory dosi dot doti dotti dottie dotty doug dougie douglas douglass dougy dov doy doyle drake dre dreddy dredi drew drona
dru druci drucie drucill drucy drud drugi drusi drusie drusilla drusy duane dud dudley duff duffie duffy dugald duke dukey dukie duky dulce dulcea
dulci dulcia dulciana dulcie dulcine dulcinea dulcy dulsea dun dunc duncan dunn dunstan dur durand durant durante durward dusty dwain dwayne dwight
dyan dyana dyane dyann dyanna dyanne dylan dyna dynah eachelle eada eadie eadith eadmund eal ealasaid eamon earl earle earlie early eartha earvin
easter eba ebba eben ebeneser ebenezer eberhard eberto ebonee ebony eda edan edd eddi eddie eddy ede edee edeline eden edgar edgard edgardo edi edie
edik edin edita edith editha edithe ediva edlin edmon edmund edna edouard edsel eduard eduardo eduino edvard edward edwin edwina edy edyth edythe
effie efrem efren egan egbert egon egor eileen eilis eimile eirena ekaterina elaina elaine elana elane elayne elbert elberta elbertina elbertine elden
eldin eldon eldredge eldridge eleanor eleanora eleanore electra eleen elena elene eleni elenore eleonora eleonore elfie elfreda elfrida elfrieda elga
eli elia elianora elianore elias elicia elie elihu elijah elinor elinore eliot elisa elisabet elisabeth elisabetta elise elisha elissa elita eliza
elizabet elizabeth elka elke ella elladine ellary elle ellen ellene ellerey ellery ellette elli ellie elliot elliott ellis ellissa ellswerth ellsworth
ellwood elly ellyn ellynn elmer elmira elmo elmore elna elnar elnora elnore eloisa eloise elonore elora elroy elsa elsbeth else elset elsey elsi elsie
elsinore elspeth elston elsworth elsy elton elva elvera elvin elvina elvira elvis elvyn elwin elwira elwood elwyn ely elyn elyse elysee elysha elysia
elyssa ema emalee emalia emanuel emanuele emelda emelen emelia emelina emeline emelita emelyne emera emerson emery emile emilee emili emilia emilie
emiline emilio emily emlen emlyn emlynn emlynne emma emmalee emmaline emmalyn emmalynn emmalynne emmanuel emmeline emmerich emmery emmet emmett emmey
emmi emmie emmit emmott emmy emmye emogene emory emyle emylee engelbert englebert engracia enid ennis enoch enos enrica enrichetta enrico enrika
enrique enriqueta eolanda eolande ephraim ephrayim ephrem eran erasmus erastus erda erek erena erhard erhart eric erica erich ericha erick ericka erie
erik erika erin erina erinn erinna erl erma ermanno ermengarde ermentrude ermin ermina erminia erminie erna ernaline ernest ernesta ernestine ernesto
ernestus ernie ernst erny errick errol erroll erskine ertha erv ervin erwin eryn esdras esma esmaria esme esmeralda esra essa essie essy esta esteban
estel estele estell estella estelle ester estevan esther estrella estrellita etan ethan ethe ethel ethelbert ethelda ethelin ethelind etheline
ethelred ethelyn ethyl etienne etta etti ettie ettore etty eudora euell eugen eugene eugenia eugenie eugenio eugenius eugine eula eulalie eunice
euphemia eustace eustacia eva evaleen evan evangelia evangelin evangelina evangeline evania evanne eve eveleen evelin evelina eveline evelyn even
everard evered everett evey evie evin evita evonne evvie evvy evy evyn ewan eward ewart ewell ewen eyde eydie ezechiel ezekiel ezequiel eziechiele
ezmeralda ezra ezri fabe faber fabian fabiano fabien fabio fae faina fair fairfax fairleigh fairlie faith falito falkner fallon fan fanchette fanchon
fancie fancy fanechka fania fanni fannie fanny fanya far fara farah farand farica farlay farlee farleigh farley farlie farly farr farra farrah farrand
farrel farrell farris faulkner faun faunie faustina faustine fawn fawne fawnia fax fay faydra faye fayette fayina fayre fayth faythe federica federico
fedora fee felecia felic felicdad felice felicia felicio felicity felicle felike feliks felipa felipe felisha felita felix feliza felizio fenelia
feodor feodora ferd ferdie ferdinand ferdinanda ferdinande ferdy fergus ferguson fern fernanda fernande fernandina fernando ferne ferrel ferrell
ferris fey fiann fianna fidel fidela fidelia fidelio fidelity fidole field fielding fields fifi fifine filbert filberte filberto filia filide filip
filippa filippo filmer filmore fin fina findlay findley finlay finley finn fiona fionna fionnula fiorenze fitz fitzgerald flem fleming flemming fletch
fletcher fleur fleurette flin flinn flint flo flor flora florance flore florella florence florencia florentia florenza florette flori floria florian
florida florie florina florinda floris florri florrie florry flory flossi flossie flossy floyd flss flynn fons fonsie fonz fonzie forbes ford forest
forester forrest forrester forster foss foster fowler fran francene frances francesca francesco franchot francine francis francisca francisco
franciska franciskus francklin francklyn francois francoise francyne frank frankie franklin franklyn franky franni frannie franny frans fransisco
frants franz franzen frasco fraser frasier frasquito frayda fraze frazer frazier fred freda freddi freddie freddy fredek fredelia frederic frederica
frederich frederick fredericka frederico frederigo frederik frederique fredi fredia fredra fredric fredrick fredrika free freedman freeland freeman
freemon freida fremont frieda friederike friedrich friedrick fritz fulton fulvia gabbey gabbi gabbie gabby gabe gabey gabi gabie gabriel gabriela
gabriele gabriell gabriella gabrielle gabriellia gabriello gabrila gaby gae gael gaelan gage gail gaile gal gale galen galina gallagher gallard galvan
galven galvin gamaliel gan gannie gannon ganny gar garald gard gardener gardie gardiner gardner gardy gare garek gareth garey garfield garik garland
garner garnet garnette garold garrard garrek garret garreth garrett garrick garrik garrot garrott garry garth garv garvey garvin garvy garwin garwood
gary gaspar gaspard gasparo gasper gaston gates gaultiero gauthier gav gavan gaven gavin gavra gavrielle gawain gawen gay gaye gayel gayelord gayla
gayle gayleen gaylene gayler gaylor gaylord gaynor gearalt gearard gelya gena gene geneva genevieve genevra genia genna genni gennie gennifer genny
geno genovera genvieve geoff geoffrey geoffry georas geordie georg george georgeanna georgeanne georgena georges georgeta georgetta georgette georgi
georgia georgiana georgianna georgianne georgie georgina georgine georgy gerald geralda geraldine gerard gerardo gerda gerek gerhard gerhardine
gerhardt geri gerianna gerianne gerick gerik gerladina germain germaine germana germayne gerome gerrard gerri gerrie gerrilee gerry gert gerta gerti
gertie gertrud gertruda gertrude gertrudis gerty gery gherardo giacinta giacobo giacomo giacopo gian giana gianina gianna gianni giavani gib gibb
gibbie gibby gideon giff giffard giffer giffie gifford giffy gigi gil gilbert gilberta gilberte gilbertina gilbertine gilberto gilburt gilda gilemette
giles gill gillan gilles gilli gillian gillie gilligan gilly gina ginelle ginevra ginger ginni ginnie ginnifer ginny gino giordano giorgi giorgia
giorgio giovanna giovanni gipsy giralda giraldo giraud gisela giselbert gisele gisella giselle giuditta giulia giulietta giulio giuseppe giustina
giustino giusto gizela glad gladi gladys gleda glen glenda glenden glendon glenine glenn glenna glennie glennis glori gloria gloriana gloriane glory
glyn glynda glynis glynn glynnis gnni godard godart goddard goddart godfree godfrey godfry godiva godwin golda goldarina goldi goldia goldie goldina
goldy gonzales gonzalo goober goran goraud gordan gorden gordie gordon gordy gothart gottfried grace gracia gracie gradeigh gradey grady graehme
graeme graham graig gram gran grange granger grannie granny grant grantham granthem grantley granville grata gratia gratiana gray grayce grazia greer
greg gregg greggory gregoire gregoor gregor gregorio gregorius gregory grenville greta gretal gretchen grete gretel grethel gretna gretta grier griff
griffie griffin griffith griffy gris griselda grissel griswold griz grove grover gualterio guendolen guenevere guenna guglielma guglielmo gui guido
guilbert guillaume guillema guillemette guillermo guinevere guinna gun gunar gunilla gunner guntar gunter gunther gus gusella guss gussi gussie gussy
gusta gustaf gustav gustave gustavo gustavus gusti gustie gusty guthrey guthrie guthry guy gwen gwendolen gwendolin gwendolyn gweneth gwenette
gwenneth gwenni gwennie gwenny gwenora gwenore gwyn gwyneth gwynne gypsy had hadlee hadleigh hadley hadria hadrian hagan hagen hailee hailey haily
hakeem hakim hal hale haleigh halette haley hali halie halimeda hall halley halli hallie hallsy hally halsey halsy ham hamel hamid hamil hamilton
hamish hamlen hamlin hammad hamnet hana hanan hank hanna hannah hanni hannie hannis hanny hans hansiain hanson happy harald harbert harcourt hardy
harlan harland harlen harlene harley harli harlie harlin harman harmon harmonia harmonie harmony harold haroun harp harper harri harrie harriet
harriett harrietta harriette harriot harriott harris harrison harry hart hartley hartwell harv harvey harwell harwilll hasheem hashim haskel haskell
haslett hastie hastings hasty hatti hattie hatty haven hayden haydon hayes hayley hayward haywood hayyim haze hazel hazlett heall heath heather hebert
hector heda hedda heddi heddie hedi hedvig hedvige hedwig hedwiga hedy heida heidi heidie heindrick heinrick heinrik helaina helaine helen helena
helene helenka helga helge helli heloise helsa helyn henderson hendrick hendrik hendrika henka henri henrie henrieta henrietta henriette henrik henry
henryetta hephzibah herb herbert herbie herby herc hercule hercules herculie heriberto herman hermann hermia hermie hermina hermine herminia hermione
hermon hermy hernando herold herrick hersch herschel hersh hershel herta hertha herve hervey hester hesther hestia hetti hettie hetty hew hewe hewet
hewett hewie hewitt heywood hieronymus hilario hilarius hilary hilda hildagard hildagarde hilde hildegaard hildegarde hildy hill hillard hillary
hillel hillery hilliard hilliary hillie hillier hilly hillyer hilton hinda hinze hiram hirsch hobard hobart hobey hobie hodge hoebart hogan holden
holli hollie hollis holly hollyanne holmes holt homer homere homerus honey honor honoria hope horace horacio horatia horatio horatius horst hort
horten hortense hortensia horton howard howey howie hoyt hube hubert huberto hubey hubie huey hugh hughie hugibert hugo hugues hulda humbert humberto
humfrey humfrid humfried humphrey hunfredo hunt hunter huntington huntlee huntley hurlee hurleigh hurley husain husein hussein hyacinth hyacintha
hyacinthe hyacinthia hyacinthie hyatt hyman hymie hynda iago iain ian ianthe ibbie ibby ibrahim ichabod ida idalia idalina idaline idell idelle idette
iggie iggy ignace ignacio ignacius ignatius ignaz ignazio igor ike ikey ilaire ilario ileana ileane ilene ilise ilka illa ilsa ilse ilysa ilyse ilyssa
imelda immanuel imogen imogene imojean ina indira ines inesita inessa inez inga ingaberg ingaborg ingamar ingar inge ingeberg ingeborg ingelbert
ingemar inger inglebert inglis ingmar ingra ingram ingrid ingrim ingunna inigo inna inness innis iolande iolanthe iona iorgo iorgos iormina iosep ira
irena irene irina iris irita irma irv irvin irvine irving irwin irwinn isa isaac isaak isabel isabelita isabella isabelle isac isacco isador isadora
isadore isahella isaiah isak iseabal isiahi isidor isidora isidore isidoro isidro isis isobel israel issi issiah issie issy itch ivan ivar ive iver
ives ivett ivette ivie ivonne ivor ivory ivy izaak izabel izak izzy jabez jacenta jacinda jacinta jacintha jacinthe jack jackelyn jacki jackie jacklin
jacklyn jackquelin jackqueline jackson jacky jaclin jaclyn jacob jacobo jacquelin jacqueline jacquelyn jacquelynn jacquenetta jacquenette jacques
jacquetta jacquette jacqui jacquie jacynth jada jade jae jaime jaimie jaine jake jakie jakob jamaal jamal james jameson jamesy jamey jami jamie jamil
jamill jamima jamison jammal jammie jan jana janaya janaye jandy jane janean janeczka janeen janek janel janela janella janelle janene janenna janessa
janet janeta janetta janette janeva janey jania janice janie janifer janina janine janis janith janka janna jannel jannelle janos janot jany jaquelin
jaquelyn jaquenetta jaquenette jaquith jarad jard jareb jared jarib jarid jarrad jarred jarret jarrett jarrid jarrod jarvis jase jasen jasmin jasmina
jasmine jason jasper jasun javier jay jaye jayme jaymee jaymie jayne jaynell jayson jazmin jdavie jean jeana jeane jeanelle jeanette jeanie jeanine
jeanna jeanne jeannette jeannie jeannine jecho jed jedd jeddy jedediah jedidiah jeff jefferey jefferson jeffie jeffrey jeffry jeffy jehanna jehu
jelene jemie jemima jemimah jemmie jemmy jen jena jenda jenelle jeni jenica jeniece jenifer jeniffer jenilee jenine jenn jenna jennee jennette jenni
jennica jennie jennifer jennilee jennine jenny jeno jens jephthah jerad jerald jeralee jeramey jeramie jere jereme jeremiah jeremias jeremie jeremy
jeri jermain jermaine jermayne jerome jeromy jerri jerrie jerrilee jerrilyn jerrine jerrold jerrome jerry jerrylee jervis jess jessa jessalin jessalyn
jessamine jessamyn jesse jessee jesselyn jessey jessi jessica jessie jessika jessy jesus jeth jethro jewel jewell jewelle jill jillana jillane
jillayne jilleen jillene jilli jillian jillie jilly jim jimmie jimmy jinny joachim joan joana joane joanie joann joanna joanne joannes joaquin job
jobey jobi jobie jobina joby jobye jobyna jocelin joceline jocelyn jocelyne jock jocko jodee jodi jodie jody joe joeann joel joela joelie joell joella
joelle joellen joelly joellyn joelynn joete joey johan johann johanna johannah johannes john johna johnath johnathan johnathon johnette johnna johnnie
johnny johny joice jojo jolee joleen jolene joletta joli jolie joline joly jolyn jolynn jon jonah jonas jonathan jonathon jone jonell joni jonie jonis
jordain jordan jordana jordanna jordon jorey jorgan jorge jori jorie jorrie jorry jory joscelin jose josee josefa josefina joseito joseph josepha
josephina josephine josey josh joshia joshua joshuah josi josiah josias josie josselyn josy jourdain jourdan joy joya joyan joyann joyce joycelin joye
jozef jsandye juan juana juanita jud judah judas judd jude judi judie judith juditha judon judy judye juieta jule julee jules juli julia julian
juliana juliane juliann julianna julianne julie julienne juliet julieta julietta juliette julina juline julio julissa julita julius june junette junia
junie junina justen justin justina justine justinian justinn justino justis justus jyoti kacey kacie kacy kaela kahaleel kahlil kai kaia kaila kaile
kailey kain kaine kaiser kaitlin kaitlyn kaitlynn kaja kakalina kala kale kaleb kaleena kali kalie kalil kalila kalina kalinda kalindi kalle kalli
kally kalvin kameko kamila kamilah kamillah kandace kandy kane kania kanya kara karalee karalynn kare karee kareem karel karen karena kari karia karie
karil karilynn karim karin karina karine kariotta karisa karissa karita karl karla karlan karlee karleen karlen karlene karlens karlie karlik karlis
karlotta karlotte karly karlyn karmen karna karney karol karola karole karolina karoline karoly karon karrah karrie karry kary karyl karylin karyn
kasey kaspar kasper kass kassandra kassey kassi kassia kassie kat kata katalin kate katee katerina katerine katey kath katha katharina katharine
katharyn kathe katherina katherine katheryn kathi kathie kathleen kathlin kathrine kathryn kathryne kathy kathye kati katie katina katine katinka
katleen katlin katrina katrine katrinka katti kattie katuscha katusha katy katya kay kaycee kaye kayla kayle kaylee kayley kaylil kaylyn kayne kean
keane kearney keary keefe keefer keelby keeley keelia keely keen keenan keene keir keith kelbee kelby kelcey kelci kelcie kelcy kele kelila kellby
kellen kelley kelli kellia kellie kellina kellsie kelly kellyann kelsey kelsi kelsy kelvin kelwin ken kendal kendall kendell kendra kendre kendrick
kendricks kenn kenna kennan kennedy kenneth kennett kennie kennith kenny kenon kent kenton kenyon ker kerby keri keriann kerianne kerk kermie kermit
kermy kerr kerri kerrie kerrill kerrin kerry kerstin kerwin kerwinn kesley keslie kessia kessiah ketti kettie ketty kev kevan keven kevin kevina kevon
kevyn khalil kiah kial kiel kiele kienan kiersten kikelia kile kiley kilian killian killie killy kim kimball kimbell kimberlee kimberley kimberli
kimberly kimberlyn kimble kimbra kimmi kimmie kimmy kin kincaid king kingsley kingsly kingston kinna kinnie kinny kinsley kip kipp kippar kipper
kippie kippy kira kirbee kirbie kirby kiri kirk kirsten kirsteni kirsti kirstin kirstyn kissee kissiah kissie kit kitti kittie kitty kizzee kizzie
klara klarika klarrisa klaus klemens klement kleon kliment knox koenraad konrad konstance konstantin konstantine konstanze koo kora koral koralle
kordula kore korella koren koressa korey kori korie korney korrie korry kort kory kris krisha krishna krishnah krispin krissie krissy krista kristal
kristan kriste kristel kristen kristi kristian kristien kristin kristina kristine kristo kristofer kristoffer kristofor kristoforo kristopher kristos
kristy kristyn krysta krystal krystalle krystle krystyna kurt kurtis kyla kyle kylen kylie kylila kylynn kym kynthia kyrstin lacee lacey lacie lacy
ladonna laetitia laina lainey laird lalo lamar lambert lammond lamond lamont lana lanae lance lancelot land lane lanette laney langsdon langston lani
lanie lanita lanna lanni lannie lanny lara laraine lari larina larine larisa larissa lark larry lars laryssa latashia latia latisha latrena latrina
laughton launce laura lauraine laural lauralee laure lauree laureen laurel laurella lauren laurena laurence laurene laurens laurent lauretta laurette
lauri laurianne laurice laurie lauritz lauryn lavena laverna laverne lavina lavinia lavinie law lawrence lawry lawton lay layla layne layney layton
lazar lazare lazaro lazarus lea leah leandra leann leanna leanor leanora lebbie leda lee leeann leeanne leela leelah leeland leena leesa leese lefty
legra leia leicester leif leigh leigha leighton leila leilah leisha lek lela lelah leland lelia lem lemar lemmie lemmy lemuel lena lenard lenci lenee
lenette lenka lenna lennard lennie lenora lenore leo leodora leoine leola leoline leon leona leonanie leonard leonardo leone leonelle leonerd leonhard
leonid leonidas leonie leonora leonore leontine leontyne leopold leora leroi leroy les leshia lesley lesli leslie lesly lester lesya leta lethia
leticia letisha letitia letizia letta letti lettie letty leupold lev levey levi levin levon levy lew lewes lewie lewiss lexi lexie lexine lexis lexy
leyla lezley lezlie lia liam lian liana liane lianna lianne lib libbey libbi libbie libby licha lida lidia lief liesa lil lila lilah lilas lilia
lilian liliane lilias lilith lilla lilli lillian lillis lilllie lilly lily lilyan lin lina linc lincoln lind linda lindi lindie lindon lindsay lindsey
lindsy lindy linea linell linet linette link linn linnea linnell linnet linnie linoel linus linzy lion lionel lionello lira lisa lisabeth lisbeth lise
lisetta lisette lisha lishe lisle lissa lissi lissie lissy lita liuka liv liva livia livvie livvy livvyy livy liz liza lizabeth lizbeth lizette lizzie
lizzy llewellyn lloyd llywellyn lock locke lockwood lodovico loella logan lois loise lola loleta lolita lolly lombard lon lona lonee loni lonna
lonnard lonni lonnie lonny lora lorain loraine loralee loralie loralyn lorant loree loreen lorelei lorelle loren lorena lorene lorens lorenza lorenzo
loretta lorette lori loria lorianna lorianne lorie lorilee lorilyn lorin lorinda lorine lorita lorna lorne lorraine lorrayne lorri lorrie lorrin lorry
lory lothaire lothario lotta lotte lotti lottie lotty lou louella louie louis louisa louise louisette loutitia lovell lowe lowell lowrance loy loydie
luca lucais lucas luce lucho luci lucia lucian luciana luciano lucias lucie lucien lucienne lucila lucilia lucille lucina lucinda lucine lucio lucita
lucius lucky lucretia lucy ludovico ludovika ludvig ludwig luella luelle luigi luis luisa luise lukas luke lula lulita lulu lura lurette lurleen
lurlene lurline lusa lutero luther luz lyda lydia lydie lydon lyell lyle lyman lyn lynda lynde lyndel lyndell lyndsay lyndsey lyndsie lyndy lynea
lynelle lynett lynette lynn lynna lynne lynnea lynnell lynnelle lynnet lynnett lynnette lynsey lyon lyssa mab mabel mabelle mable mac mace mack
mackenzie mada madalena madalyn maddalena maddi maddie maddy madel madelaine madeleine madelena madelene madelin madelina madeline madella madelle
madelon madelyn madge madison madlen madlin madonna mady mae maegan mag magda magdaia magdalen magdalena magdalene maggee maggi maggie maggy magnum
mahala mahalia mahmoud mahmud maia maible maiga maighdiln mair maire maisey maisie maison maitilde maje major mal mala malachi malanie malchy malcolm
malena malia malina malinda malinde malissa malissia mallissa mallorie mallory malorie malory malva malvin malvina malynda mame mamie man manda mandel
mandi mandie mandy manfred mannie manny mano manolo manon manuel manya mar mara marabel marc marcel marcela marcelia marcella marcelle marcellina
marcelline marcello marcellus marcelo marchall marchelle marci marcia marcie marcile marcille marco marcos marcus marcy mareah maren marena maressa
marga margalit margalo margaret margareta margarete margaretha margarethe margaretta margarette margarita margaux marge margeaux margery marget
margette margi margie margit margo margot margret marguerite margy mari maria mariam marian mariana mariann marianna marianne maribel maribelle
maribeth marice maridel marie marieann mariejeanne mariel mariele marielle mariellen marietta mariette marigold marijn marijo marika marilee marilin
marillin marilyn marin marina marinna mario marion mariquilla maris marisa mariska marissa marita maritsa marius mariya marj marja marje marji marjie
marjorie marjory marjy mark marketa markos markus marla marlane marleah marlee marleen marlena marlene marley marlie marlin marline marlo marlon
marlow marlowe marlyn marmaduke marna marne marney marni marnia marnie marquita marrilee marris marrissa marsh marsha marshal marshall marsiella mart
marta martainn martelle marten martguerita martha marthe marthena marti martica martie martin martina martino martita marty martyn martynne marv marve
marven marvin marwin mary marya maryann maryanna maryanne marybelle marybeth maryellen maryjane maryjo maryl marylee marylin marylinda marylou
marylynne maryrose marys marysa masha mason massimiliano massimo mata matelda mateo mathe mathew mathian mathias mathilda mathilde matias matilda
matilde matt matteo matthaeus mattheus matthew matthias matthieu matthiew matthus matti mattias mattie matty maud maude maudie maura maure maureen
maureene maurene maurice mauricio maurie maurine maurise maurita maurits maurizia maurizio maury mavis mavra max maxi maxie maxim maximilian
maximilianus maximilien maximo maxine maxwell maxy may maybelle maye mayer maynard mayne maynord mayor mead meade meagan meaghan meara mechelle meg
megan megen meggi meggie meggy meghan meghann mehetabel mei meier meir mel mela melamie melania melanie melantha melany melba melesa melessa melicent
melina melinda melinde melisa melisande melisandra melisenda melisent melissa melisse melita melitta mella melli mellicent mellie mellisa mellisent
melloney melly melodee melodie melody melonie melony melosa melva melvin melvyn menard mendel mendie mendy mercedes merci mercie mercy meredeth
meredith meredithe merell meridel meridith meriel merilee merill merilyn meris merissa merl merla merle merlina merline merna merola merralee merrel
merrick merridie merrie merrielle merrile merrilee merrili merrill merrily merry mersey merv mervin merwin merwyn meryl meta meyer mia mic micaela
micah michael michaela michaelina michaeline michaella michail michal michale micheal micheil michel michele michelina micheline michell michelle mick
mickey micki mickie micky midge mignon mignonne miguel miguela miguelita mikael mikaela mike mikel mikey mikkel mikol mil mildred mildrid mile milena
miles milicent milissent milka mill millard miller milli millicent millie millisent milly milo milt miltie milton milty milzie mimi min mina minda
mindy miner minerva minetta minette minna minnaminnie minne minni minnie minnnie minny minor minta miof miquela mira mirabel mirabella mirabelle miran
miranda mireielle mireille mirella mirelle miriam mirilla mirna mischa misha missie missy misti misty mitch mitchael mitchel mitchell mitzi modesta
modestia modestine modesty moe mohammed mohandas mohandis moina moira moise moises moishe moll mollee molli mollie molly mommy mona monah monica
monika monique monro monroe montague monte montgomery monti monty moore mora mord mordecai mordy moreen morena morey morgan morgana morganica morganne
morgen morgun moria morie morissa moritz morlee morley morly morna morrie morris morry morse mort morten mortie mortimer morton morty mose moselle
moses moshe moss moyna moyra mozelle mozes muffin mufi mufinella muhammad muire munmro munroe murdoch murdock mureil murial muriel murielle murray
murry murvyn myca mycah mychal myer myles mylo myra myrah myranda myriam myrilla myrle myrlene myrna myron myrta myrtia myrtice myrtie myrtle myrvyn
myrwyn nada nadean nadeen nadia nadine nadiya nady nadya nahum nalani nan nana nananne nance nancee nancey nanci nancie nancy nanete nanette nani
nanice nanine nannette nanni nannie nanny nanon naoma naomi nap napoleon nappie nappy nara nari nariko nat nata natal natala natale natalee natalie
natalina nataline natalya nataniel natasha natassia nate nathalia nathalie nathan nathanael nathanial nathaniel nathanil natividad natka natty neal
neala neale neall nealon nealson nealy ned neda nedda neddie neddy nedi neel neely nefen nehemiah neil neila neile neill neilla neille neils nelia
nelie nell nelle nelli nellie nelly nels nelson nerissa nerita nero neron nert nerta nerte nerti nertie nerty nessa nessi nessie nessy nesta nester
nestor netta netti nettie nettle netty nev nevil nevile neville nevin nevins nevsa newton neysa nial niall niccolo nichol nicholas nichole nicholle
nichols nick nickey nicki nickie nicko nickola nickolai nickolas nickolaus nicky nico nicol nicola nicolai nicolais nicolas nicole nicolea nicolette
nicoli nicolina nicoline nicolis nicolle niel niels nigel nikaniki nike niki nikita nikki nikkie niko nikola nikolai nikolaos nikolas nikolaus
nikoletta nikolia nikolos nikos nil niles nils nilson nina ninetta ninette ninnetta ninnette ninon nissa nisse nissie nissy nita niven nixie noach
noah noak noam noami nobe nobie noble noby noe noel noelani noell noella noelle noellyn noelyn noemi nola nolan nolana noland nolie noll nollie nolly
nomi nona nonah noni nonie nonna nonnah nora norah norbert norbie norby norean noreen norene norina norine norma norman normand normie normy norri
norrie norris norry north northrop northrup norton novelia nowell nydia nye nyssa oates obadiah obadias obed obediah oberon obidiah obie oby octavia
octavius ode odele odelia odelinda odell odella odelle odessa odetta odette odey odie odilia odille odo ody ofelia ofella ofilia ogdan ogden ogdon ola
olag olav ole olenka olenolin olga olia olimpia olin olive oliver olivero olivette olivia olivie olivier oliviero oliy ollie olly olva olvan olwen
olympe olympia olympie omar omero ondrea oneida onfre onfroi onida onofredo oona opal opalina opaline ophelia ophelie ora oralee oralia oralie oralla
oralle oran orazio orbadiah orel orelee orelia orelie orella orelle oren oriana orin orion orlan orland orlando orly orran orren orrin orsa orsola
orson ortensia orton orv orville osbert osborn osborne osbourn osbourne osgood osmond osmund ossie oswald oswell otes otha othelia othella othello
othilia othilie otho otis ottilie otto owen ozzie ozzy pablo pace packston paco pacorro paddie paddy padget padgett padraic padraig padriac page paige
pail pall palm palmer paloma pam pamela pamelina pamella pammi pammie pammy panchito pancho pandora pansie pansy paola paolina paolo papagena papageno
paquito park parke parker parnell parrnell parry parsifal pascal pascale pasquale pat pate paten patience patin paton patric patrica patrice patricia
patricio patrick patrizia patrizio patrizius patsy patten patti pattie pattin patton patty paul paula paule pauletta paulette pauli paulie paulina
pauline paulita paulo pauly pavel pavia pavla pavlov paxon paxton payton peadar pearce pearl pearla pearle pearline pebrook peder pedro peg pegeen
peggi peggie peggy peirce pembroke pen penelopa penelope penn penni pennie penny penrod pepe pepi pepillo pepita pepito perceval percival percy peri
peria perice perkin perl perla perle pernell perren perri perrine perry persis pet peta pete peter peterus petey petr petra petrina petronella
petronia petronilla petronille petunia peyter peyton phaedra phaidra phebe phedra phelia phil philbert philip philipa philippa philippe philippine
philis phillida phillie phillip phillipe phillipp phillis philly philomena phineas phip phoebe phylis phyllida phyllis phyllys phylys pia pier pierce
pierette pierre pierrette pierson pieter pietra pietrek pietro piggy pincas pinchas pincus piotr pip piper pippa pippo pippy polly pollyanna pooh
poppy port porter portia portie porty poul powell pren prent prentice prentiss prescott preston price prince prinz pris prisca priscella priscilla
prissie pru prudence prudi prudy prue pryce puff purcell putnam putnem pyotr queenie quent quentin querida quill quillan quincey quincy quinlan quinn
quint quinta quintana quintilla quintin quintina quinton quintus rab rabbi rabi rachael rachel rachele rachelle rad radcliffe raddie raddy rae raeann
raf rafa rafael rafaela rafaelia rafaelita rafaellle rafaello rafe raff raffaello raffarty rafferty rafi ragnar rahal rahel raimondo raimund raimundo
raina raine rainer rakel raleigh ralf ralina ralph ram ramon ramona ramonda ramsay ramsey rana rance rancell rand randa randal randall randee randell
randene randi randie randolf randolph randy ranee rani rania ranice ranique ranna ransell ransom raoul raphael raphaela raquel raquela rasia rasla
raul raven ravi ravid raviv rawley ray raychel raye raymond raymund rayna raynard raynell rayner raynor rayshell rea read reade reagan reagen reamonn
reba rebbecca rebe rebeca rebecca rebecka rebeka rebekah rebekkah red redd redford ree reeba reece reed reena rees reese reeta reeva reg regan regen
reggi reggie reggis reggy regina reginald reginauld regine reid reidar reider reiko reilly reina reinald reinaldo reinaldos reine reinhard reinhold
reinold reinwald rem remington remus remy rena renado renae renaldo renard renata renate renato renaud renault rene renee renell renelle renie rennie
reta retha reube reuben reuven revkah rex rey reyna reynard reynold reynolds rhea rheba rheta rhett rhetta rhiamon rhianna rhianon rhoda rhodia rhodie
rhody rhona rhonda rhys riane riannon rianon ric rica ricard ricardo ricca riccardo rice rich richard richardo richart richie richmond richmound richy
rici rick rickard rickert rickey ricki rickie ricky ricoriki rik riki rikki riley rina rinaldo ring ringo riobard riordan rip ripley risa rita ritchie
riva rivalee rivi rivkah rivy roana roanna roanne roarke rob robb robbert robbi robbie robbin robby robbyn robena robenia robers robert roberta
roberto robin robina robinet robinett robinetta robinette robinia robinson roby robyn roch rochell rochella rochelle rochester rochette rock rockey
rockie rockwell rocky rod roda rodd roddie roddy roderic roderich roderick roderigo rodge rodger rodi rodie rodina rodney rodolfo rodolph rodolphe
rodrick rodrigo rodrique rog roger rogerio rogers roi rois roland rolando roldan roley rolf rolfe rolland rollie rollin rollins rollo rolph roma
romain roman romeo romola romona romonda romy ron rona ronald ronalda ronda ronica ronna ronni ronnica ronnie ronny roobbie rooney roosevelt rora rori
rorie rorke rory ros rosa rosabel rosabella rosabelle rosaleen rosalia rosalie rosalind rosalinda rosalinde rosaline rosalyn rosalynd rosamond
rosamund rosana rosanna rosanne rosco roscoe rose roseann roseanna roseanne roselia roselin roseline rosella roselle rosemaria rosemarie rosemary
rosemonde rosene rosetta rosette roshelle rosie rosina rosita roslyn rosmunda ross rossie rossy rosy roth rourke rouvin row rowan rowe rowen rowena
rowland rowney roxana roxane roxanna roxanne roxi roxie roxine roxy roy royal royall royce roz rozalie rozalin rozamond rozanna rozanne roze rozele
rozella rozelle rozina rriocard rube ruben rubetta rubi rubia rubie rubin rubina ruby rudd ruddie ruddy rudie rudiger rudolf rudolfo rudolph rudy
rudyard rufe rufus ruggiero rupert ruperta ruperto ruprecht rurik russ russell rustie rustin rusty rutger ruth ruthann ruthanne ruthe rutherford ruthi
ruthie ruthy rutledge rutter ruttger ruy ryan ryann rycca ryley ryon ryun saba sabina sabine sabra sabrina sacha sada sadella sadie sadye saidee sal
salaidh saleem salem salim sallee salli sallie sally sallyann sallyanne salmon saloma salome salomi salomo salomon salomone salvador salvatore
salvidor sam samantha samara samaria sammie sammy sampson samson samuel samuele sancho sande sander sanders sanderson sandi sandie sandor sandra
sandro sandy sandye sanford sanson sansone sapphira sapphire sara saraann sarah sarajane saree sarena sarene sarette sarge sargent sari sarina sarine
sarita sascha sasha sashenka saudra saul sauncho saunder saunders saunderson saundra sauveur savina saw sawyer sawyere sax saxe saxon say sayer sayers
sayre sayres scarface scarlet scarlett schuyler scot scott scotti scottie scotty seamus sean seana sebastian sebastiano sebastien see seka sela selby
selena selene selestina selia selie selig selina selinda seline sella selle selma sena sephira serena serene serge sergeant sergei sergent sergio seth
seumas seward seymour shadow shae shaina shaine shalna shalne shalom shamus shana shanan shanda shandee shandeigh shandie shandra shandy shane shani
shanie shanna shannah shannan shannen shannon shanon shanta shantee shara sharai shari sharia sharity sharl sharla sharleen sharlene sharline sharon
sharona sharron sharyl shaughn shaun shauna shaw shawn shawna shawnee shay shayla shaylah shaylyn shaylynn shayna shayne shea sheba sheela sheelagh
sheelah sheena sheeree sheff sheffie sheffield sheffy sheila sheilah shel shela shelagh shelba shelbi shelby shelden shelia shell shelley shelli
shellie shelly shelton shem shena shep shepard shepherd sheppard shepperd sher sheree sheri sheridan sherie sherill sherilyn sherline sherlock
sherlocke sherm sherman shermie shermy sherri sherrie sherry sherwin sherwood sherwynd sherye sheryl shina shir shirl shirlee shirleen shirlene
shirley shirline sholom shoshana shoshanna shurlock shurlocke shurwood siana sianna sib sibbie sibby sibeal sibel sibella sibelle sibilla sibley sibyl
sibylla sibylle sid sidnee sidney sidoney sidonia sidonnie siegfried siffre sig sigfrid sigfried sigismond sigismondo sigismund sigismundo sigmund
sigrid sigvard silas sile sileas silva silvain silvan silvana silvano silvanus silvester silvia silvie silvio sim simeon simmonds simon simona simone
simonette simonne sinclair sinclare sindee siobhan sioux siouxie sisely sisile sissie sissy siusan siward skell skelly skip skipp skipper skippie
skippy skipton sky skye skylar skyler slade sloan sloane sly smith smitty sofia sofie sol sollie solly solomon somerset son sondra sonia sonja sonni
sonnie sonnnie sonny sonya sophey sophi sophia sophie sophronia sorcha sosanna spence spencer spense spenser spike stace stacee stacey staci stacia
stacie stacy stafani staffard stafford staford stan standford stanfield stanford stanislas stanislaus stanislaw stanleigh stanley stanly stanton
stanwood star starla starlene starlin starr stavro stavros stearn stearne stefa stefan stefania stefanie stefano steffane steffen steffi steffie
stella stepha stephan stephana stephani stephanie stephannie stephanus stephen stephenie stephi stephie stephine sterling stern sterne stesha stevana
steve steven stevena stevie stevy steward stewart stillman stillmann stinky stirling stoddard storm stormi stormie stormy stu stuart sue suellen sukey
suki sula sullivan sully sumner sunny sunshine susan susana susanetta susann susanna susannah susanne susette susi susie susy sutherlan sutherland
sutton suzann suzanna suzanne suzette suzi suzie suzy sven svend swen sybil sybila sybilla sybille sybyl syd sydel sydelle sydney sylas sylvan
sylvester sylvia syman symon tab tabatha tabb tabbatha tabbi tabbie tabbitha tabby taber tabina tabitha tabor tad tadd taddeo taddeusz tadeas tadeo
tades tadio taffy tailor tait taite talbert talbot talia tallia tallie tallou tallulah tally talya talyah tam tamar tamara tamarah tamarra tamas
tamera tami tamiko tamma tammara tammi tammie tammy tamqrah tamra tan tana tandi tandie tandy tanhya tani tania tanitansy tann tanner tanney tannie
tanny tansy tanya tara tarah tarra tarrah tarrance taryn tasha tasia tate tatiana tatiania tatum tawnya tawsha taylor teador ted tedd tedda teddi
teddie teddy tedi tedie tedman tedmund tedra teena teirtza temp temple templeton teodoor teodor teodora teodorico teodoro tera terence terencio teresa
terese teresina teresita teressa teri teriann terra terrance terrel terrell terrence terri terrie terrijo terrill terry terrye tersina terza tess
tessa tessi tessie tessy thacher thaddeus thaddus thadeus thain thaine thalia thane thatch thatcher thaxter thayne thea theadora thebault theda
thedric thedrick thekla thelma theo theobald theodor theodora theodore theodoric theodosia theresa therese theresina theresita theressa therine thia
thibaud thibaut thom thoma thomas thomasa thomasin thomasina thomasine thor thorin thorn thorndike thornie thornton thorny thorpe thorstein thorsten
thorvald thurstan thurston tibold tiebold tiebout tiena tierney tiertza tiff tiffani tiffanie tiffany tiffi tiffie tiffy tilda tildi tildie tildy
tiler tillie tilly tim timi timmi timmie timmy timofei timoteo timothea timothee timotheus timothy tina tine tiphani tiphanie tiphany tirrell tish
tisha tito titos titus tobe tobey tobi tobiah tobias tobie tobin tobit toby tobye tod todd toddie toddy toiboid toinette tom toma tomas tomasina
tomasine tomaso tome tomi tomkin tomlin tommi tommie tommy toni tonia tonie tonnie tony tonya tonye tootsie tore torey tori torie torin torr torrance
torre torrence torrey torrie torrin torry tory tova tove town towney townie townsend towny trace tracee tracey traci tracie tracy traver travers
travis travus trefor tremain tremaine tremayne trenna trent trenton tresa trescha tressa trev trevar trever trevor trey tricia trina trip tripp tris
trish trisha trista tristam tristan trix trixi trixie trixy troy trstram truda trude trudey trudi trudie trudy trueman trula trumaine truman trumann
tuck tucker tuckie tucky tudor tuesday tull tulley tully turner twila twyla tybalt tybi tybie tye tyler tymon tymothy tynan tyne tyrone tyrus tyson
udale udall udell ugo ula ulberto ulick ulises ulla ulric ulrica ulrich ulrick ulrika ulrikaumeko ulrike ulysses umberto umeko una upton urbain urban
urbano urbanus uri uriah uriel ursa ursala ursola urson ursula ursulina ursuline uta vachel vaclav vail val valaree valaria valdemar vale valeda
valencia valene valenka valentia valentijn valentin valentina valentine valentino valera valeria valerie valery valerye valida valina valle valli
vallie vally valma valry van vance vanda vanessa vania vanna vanni vannie vanny vanya vasili vasilis vasily vassili vassily vaughan vaughn veda velma
velvet venita venus vera veradis vere verena verene verge vergil veriee verile verina verine verla vern verna verne vernen verney vernice vernon
vernor veronica veronika veronike veronique vevay vic vick vicki vickie vicky victoir victor victoria vida vidovic vidovik viki vikki vikky vilhelmina
vilma vin vina vince vincent vincents vincenty vincenz vinita vinni vinnie vinny vinson viola violante viole violet violetta violette virge virgie
virgil virgilio virgina virginia virginie vita vite vitia vito vitoria vittoria vittorio viv viva vivi vivia vivian viviana vivianna vivianne vivie
vivien viviene vivienne viviyan vivyan vivyanne vlad vladamir vladimir von vonni vonnie vonny vyky wade wadsworth wain wainwright wait waite waiter
wake wakefield wald waldemar walden waldo waldon walker wallace wallache wallas wallie wallis walliw wally walsh walt walther walton waly wanda wandie
wandis waneta wang wanids ward warde warden ware waring warner warren wash washington wat waverley waverly way waylan wayland waylen waylin waylon
wayne web webb weber webster weidar weider welbie welby welch wells welsh wenda wendall wendel wendeline wendell wendi wendie wendy wendye wenona
wenonah werner wernher wes wesley west westbrook westbrooke westleigh westley weston weylin wheeler whit whitaker whitby whitman whitney whittaker
wiatt wilbert wilbur wilburt wilden wildon wileen wilek wiley wilfred wilfrid wilhelm wilhelmina wilhelmine wilie will willa willabella willamina
willard willdon willem willetta willette willey willi william willie willis willow willy willyt wilma wilmar wilmer wilmette wilona wilone wilow wilt
wilton win windham windy winfield winfred wini winifield winifred winn winna winnah winne winni winnie winnifred winny winona winonah winslow winston
winthrop wit witt wittie witty wolf wolfgang wolfie wolfy wood woodie woodman woodrow woody worden worth worthington worthy wren wrennie wright wyatan
wyatt wye wylie wylma wyn wyndham wynn wynne wynnie wynny xavier xaviera xena xenia xenos xerxes xever ximenes ximenez xylia xylina xymenes yale
yalonda yanaton yance yancey yancy yank yankee yard yardley yasmeen yasmin yehudi yehudit yelena yetta yettie yetty yevette ynes ynez yoko yolanda
yolande yolane yolanthe yorgo yorgos york yorke yorker yoshi yoshiko yovonnda ysabel yul yule yulma yuma yuri yurik yves yvette yvon yvonne yvor
zabrina zaccaria zach zacharia zachariah zacharias zacharie zachary zacherie zachery zack zackariah zahara zak zandra zane zaneta zara zarah zared
zaria zarla zea zeb zebadiah zebedee zebulen zebulon zechariah zed zedekiah zeke zelda zelig zelma zena zenia zerk zia zilvia zita zitella zoe zola
zollie zolly zonda zondra zonnya zora zorah zorana zorina zorine zsa zsazsa zulema zuzana
`;
