/** The sheet's own look; nothing of the page around it comes in. */
export const STYLE = `
:host{all:initial}
*{box-sizing:border-box}
.root{--paper:#FBFAF6;--raised:#fff;--line:#DCD8CC;--ink:#1E2136;--quiet:#5C5F72;--gentian:#34349B;--fern:#1F6F4A;--clay:#A33A24;--clay-pale:#FBE9E4;
 font:15px/1.5 "Gentian Sans",system-ui,sans-serif;color:var(--ink)}
button,textarea{font:inherit;color:inherit}
button{cursor:pointer}
:focus-visible{outline:2px solid var(--gentian);outline-offset:2px}
.open{position:fixed;right:24px;bottom:0;z-index:2147483000;display:flex;gap:10px;align-items:center;min-height:44px;padding:8px 18px 10px;background:var(--paper);border:1px solid var(--line);border-bottom:0;border-radius:3px 3px 0 0;font-weight:600}
.open svg{width:20px;height:20px}
.sheet{position:fixed;right:24px;bottom:24px;z-index:2147483000;display:flex;flex-direction:column;width:376px;height:min(744px,calc(100vh - 48px));background:var(--paper);border:1px solid var(--line);border-radius:3px;box-shadow:0 8px 40px rgba(30,33,54,.14)}
[hidden]{display:none!important}
.head{display:flex;align-items:flex-start;gap:12px;padding:18px 12px 14px 20px;border-bottom:1px solid var(--line)}
h2{margin:0;flex:1;font:600 18px/1.3 "Gentian Serif",Georgia,serif}
.head p{margin:2px 0 0;text-align:right;font-size:13px;line-height:18px;color:var(--quiet)}
.close{min-width:32px;min-height:32px;padding:0;background:none;border:0;border-radius:3px;font-size:20px;line-height:1;color:var(--quiet)}
.log{flex:1;overflow-y:auto;padding:16px 20px 20px;overscroll-behavior:contain}
.turn{margin:0 0 14px}
.who{display:block;margin-bottom:2px;font-size:11px;letter-spacing:.08em;text-transform:uppercase;color:var(--quiet)}
.theirs .who{color:var(--gentian)}
.words{margin:0;font:17px/1.45 "Gentian Serif",Georgia,serif;overflow-wrap:anywhere;white-space:pre-wrap}
.choices{display:flex;flex-direction:column;gap:6px;margin:8px 0 14px}
.choices button{display:flex;justify-content:space-between;gap:12px;min-height:40px;padding:8px 12px;text-align:left;background:var(--raised);border:1px solid var(--gentian);border-radius:3px;font-weight:600;color:var(--gentian)}
.choices button span{font-weight:400;color:var(--quiet)}
.choices button:hover{background:#F1F0FA}
.card{margin:4px 0 16px;padding:12px 14px;background:var(--raised);border:1px solid var(--line);border-left:4px solid var(--fern);border-radius:3px}
.card.cancelled{border-left-color:var(--quiet)}
.card strong{display:block;font-size:15px}
.card p{margin:2px 0 0;font-size:13px;color:var(--ink)}
.card b{color:var(--fern)}
.card.cancelled b{color:var(--quiet)}
.card a{color:var(--gentian)}
.note{margin:0 0 12px;font:italic 13px/1.4 "Gentian Serif",Georgia,serif;color:var(--quiet)}
.wrong{margin:0 0 12px;padding:8px 12px;background:var(--clay-pale);color:var(--clay);border-radius:3px;font-size:13px}
form:focus-within{border-top-color:var(--gentian);box-shadow:inset 0 1px 0 var(--gentian)}
form textarea:focus-visible{outline:none}
form{display:flex;align-items:flex-end;gap:8px;padding:10px 12px 12px 20px;background:var(--raised);border-top:1px solid var(--line);border-radius:0 0 3px 3px}
textarea{flex:1;min-height:40px;max-height:140px;padding:9px 0;border:0;background:none;resize:none;outline-offset:4px}
textarea::placeholder{color:var(--quiet);opacity:1}
.send{min-height:40px;padding:0 12px;background:none;border:0;border-radius:3px;font-weight:600;color:var(--gentian)}
.again{width:100%;min-height:40px;margin:4px 0 0;background:var(--raised);border:1px solid var(--gentian);border-radius:3px;font-weight:600;color:var(--gentian)}
@media (max-width:480px){.sheet{right:0;bottom:0;width:100vw;height:100vh;height:100dvh;border:0;border-radius:0}.open{right:12px}}
`;

export const FONTS = (base: string): string => `
@font-face{font-family:"Gentian Serif";src:url(${base}/chat/fonts/literata.woff2) format("woff2");font-weight:200 900;font-display:swap}
@font-face{font-family:"Gentian Sans";src:url(${base}/chat/fonts/hanken-grotesk.woff2) format("woff2");font-weight:100 900;font-display:swap}`;

/** The five-lobed trumpet flower, seen from the front. */
export const MARK = `<svg viewBox="0 0 32 32" aria-hidden="true" focusable="false"><g fill="#34349B">${[0, 72, 144, 216, 288].map((a) => `<path transform="rotate(${a} 16 16)" d="M16 15C12.6 11.6 12.2 5.6 16 2c3.8 3.6 3.4 9.6 0 13z"/>`).join("")}</g><circle cx="16" cy="16" r="3.2" fill="#FBFAF6"/><circle cx="16" cy="16" r="1.6" fill="#8A5600"/></svg>`;
