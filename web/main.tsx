import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter, Route, Routes } from "react-router";
import { Toaster } from "sonner";
import { Refused } from "./api/client.ts";
import { useLive, useMe } from "./api/hooks.ts";
import type { Me } from "./api/types.ts";
import { Ledge } from "./parts/Ledge.tsx";
import { Fallen } from "./parts/Fallen.tsx";
import { Wrong } from "./parts/controls.tsx";
import { CallPage } from "./rooms/call/CallPage.tsx";
import { Desk } from "./rooms/desk/Desk.tsx";
import { ExchangePage } from "./rooms/desk/ExchangePage.tsx";
import { PrintSheet } from "./rooms/desk/PrintSheet.tsx";
import { TelephonesPage } from "./rooms/desk/TelephonesPage.tsx";
import { Door } from "./rooms/door/Door.tsx";
import { Handbook } from "./rooms/handbook/Handbook.tsx";
import { Logbook } from "./rooms/logbook/Logbook.tsx";
import "./style.css";

function App() {
  const me = useMe();
  if (me.data) return <House me={me.data} />;
  if (me.error instanceof Refused && me.error.problem.status === 401) return <Door />;
  if (me.error)
    return (
      <main className="mx-auto mt-24 max-w-md">
        <Wrong error={me.error} />
      </main>
    );
  return <main className="p-6 text-quiet">Opening the house…</main>;
}

function House({ me }: { me: Me }) {
  useLive();
  return (
    <div className="flex h-screen flex-col overflow-hidden">
      <div className="no-print">
        <Ledge me={me} />
      </div>
      <Fallen>
        <Routes>
          <Route path="/handbook" element={<Handbook />} />
          <Route path="/logbook/:id?" element={<Logbook me={me} />} />
          <Route path="/bring" element={<ExchangePage />} />
          <Route path="/telephones" element={<TelephonesPage />} />
          <Route path="/sheet" element={<PrintSheet me={me} />} />
          <Route path="*" element={<Desk me={me} />} />
        </Routes>
      </Fallen>
    </div>
  );
}

const root = document.getElementById("app");
if (root)
  createRoot(root).render(
    <StrictMode>
      <BrowserRouter>
        <Routes>
          <Route path="/call/:line" element={<CallPage />} />
          <Route path="*" element={<App />} />
        </Routes>
        <Toaster
          position="bottom-left"
          toastOptions={{
            style: { borderRadius: 3, boxShadow: "none", border: "1px solid #DCD8CC", fontFamily: "inherit", fontSize: 13 },
            actionButtonStyle: { background: "#34349B", borderRadius: 3 },
          }}
        />
      </BrowserRouter>
    </StrictMode>,
  );
