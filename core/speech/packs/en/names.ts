/** Given names and family names that are common where English is spoken, from memory: so that they are heard where the house does not know them. */
export const FIRST_NAMES = `
james mary john patricia robert jennifer michael linda william elizabeth david barbara richard susan joseph jessica thomas sarah charles karen
christopher nancy daniel lisa matthew betty anthony margaret mark sandra donald ashley steven kimberly paul emily andrew donna joshua michelle
kenneth dorothy kevin carol brian amanda george melissa edward deborah ronald stephanie timothy rebecca jason sharon jeffrey laura ryan cynthia
jacob kathleen gary amy nicholas shirley eric angela jonathan helen stephen anna larry brenda justin pamela scott nicole brandon emma benjamin
samantha samuel katherine gregory christine frank debra alexander rachel raymond catherine patrick carolyn jack janet dennis ruth jerry maria
tyler heather aaron diane jose virginia adam julie henry joyce nathan victoria douglas olivia zachary kelly peter christina kyle lauren walter
joan ethan evelyn jeremy judith harold megan keith cheryl christian andrea roger hannah noah martha gerald jacqueline carl frances terry gloria
sean ann austin teresa arthur kathryn lawrence sara jesse janice dylan jean bryan alice joe madison jordan doris billy abigail bruce julia albert
judy willie grace gabriel denise logan amber alan marilyn juan beverly wayne danielle roy theresa ralph sophia randy marie eugene diana vincent
brittany russell natalie elijah isabella louis charlotte bobby rose philip alexis johnny kayla leo nora oscar ana lucas clara max stella felix
iris hugo ruby simon lily martin ivy oliver zoe theo mia liam chloe owen ella isaac lucy caleb ellen miles fiona ian claire neil naomi colin
paula trevor molly graham leah derek sylvia stuart joanna craig bridget dean rosa glenn elena victor sofia ivan nina boris tanya anton vera omar
aisha ali fatima hassan leila ahmed yasmin samir amira raj priya arjun anita vikram sunita wei mei chen ling hiro yuki kenji akiko carlos carmen
luis lucia miguel ines diego pilar pedro beatriz marco giulia paolo chiara luca francesca pierre camille jacques sophie luc amelie hans greta
klaus ingrid lars astrid erik freya sven maja niall siobhan declan aoife angus morag rhys carys gwen
`;

export const LAST_NAMES = `
smith johnson williams brown jones garcia miller davis rodriguez martinez hernandez lopez gonzalez wilson anderson thomas taylor moore jackson
martin lee perez thompson white harris sanchez clark ramirez lewis robinson walker young allen king wright scott torres nguyen hill flores green
adams nelson baker hall rivera campbell mitchell carter roberts gomez phillips evans turner diaz parker cruz edwards collins reyes stewart morris
morales murphy cook rogers gutierrez ortiz morgan cooper peterson bailey reed kelly howard ramos kim cox ward richardson watson brooks chavez
wood james bennett gray mendoza ruiz hughes price alvarez castillo sanders patel myers long ross foster jimenez powell jenkins perry russell
sullivan bell coleman butler henderson barnes fisher vasquez simmons griffin marshall owens harrison fernandez macdonald woods washington kennedy
wells vargas henry freeman webb tucker burns crawford olson simpson porter hunter gordon mendez silva shaw snyder mason dixon munoz hunt hicks
holmes palmer wagner black robertson boyd stone salazar fox warren mills meyer rice schmidt daniels ferguson nichols stephens soto weaver ryan
gardner payne grant dunn kelley spencer hawkins arnold pierce hansen peters santos hart bradley knight elliott cunningham duncan armstrong hudson
carroll lane riley andrews alvarado ray berry perkins hoffman johnston matthews pena richards carpenter lawrence sims chapman murray fraser
cameron reid sinclair macleod mackenzie macneil chisholm gillis boudreau leblanc gallant arsenault comeau doucette surette tremblay gagnon roy
cote bouchard gauthier morin lavoie fortin petrov ivanov novak kowalski nowak horvat rossi russo ferrari bianchi muller weber schneider becker
jansen visser larsen nielsen olsen berg lindberg obrien byrne walsh doyle brennan quinn nolan kaur singh sharma gupta khan ahmed hussain chen
wang li zhang liu huang lin wu chan wong tanaka suzuki sato park choi okafor adeyemi mensah ndlovu botha abebe haddad nasser cohen levy katz
silverman whitfield ashworth barlow holloway kerr lowe pratt sharp vance winters
`;
