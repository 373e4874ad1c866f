import { By, Key } from "selenium-webdriver";
import { openBrowser, see, shot, signIn, waitText } from "./e2e/browser.ts";
const base="http://127.0.0.1:4600";
const steps: Record<string,(d:any)=>Promise<void>> = {
  services: async d=>{ await d.findElement(By.xpath("//nav//button[.='Services and prices']")).click(); await d.sleep(300);
    const i=await see(d,By.css("input[aria-label='Type as a client']")); await i.sendKeys("how much is a deep tissue for an hour and could nell do friday",Key.ENTER); await d.sleep(600); await i.sendKeys("is there parking",Key.ENTER); await d.sleep(900);
    const v=await d.findElement(By.css("input[aria-label='Length and price of Sports massage']")); await v.click(); await v.sendKeys(Key.HOME); for(let k=0;k<23;k++) await v.sendKeys(Key.ARROW_RIGHT); 
    await d.executeScript("const el=arguments[0]; const set=Object.getOwnPropertyDescriptor(HTMLInputElement.prototype,'value').set; set.call(el, el.value.replace('$95','$98')); el.dispatchEvent(new Event('input',{bubbles:true}))", v); await d.sleep(900);
    const r=(await d.findElements(By.css("ol[aria-label='What was said'] li button")))[1]; await r.click(); await d.sleep(700);},
  top: async d=>{ await d.sleep(400) },
};
const p=await openBrowser();
await signIn(p.driver,base); await p.driver.get(base+"/handbook"); await waitText(p.driver,"Rehearsal"); await p.driver.sleep(1200);
const n=process.argv[2]!; const extra=process.argv[3];
if(steps[n]) await steps[n](p.driver);
else { await p.driver.executeScript(`document.getElementById('${n}').scrollIntoView()`); await p.driver.sleep(500);}
if(extra) { await p.driver.executeScript(extra); await p.driver.sleep(600);}
await shot(p.driver,`/tmp/shots/hb-${n}.png`);
const logs=await p.driver.manage().logs().get("browser").catch(()=>[]); for(const l of logs) console.log(l.level?.name,l.message.slice(0,300));
await p.quit();
