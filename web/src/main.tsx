import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { App } from "./App";
import { AccessGate } from "./access/AccessGate";
import { register } from "./offline/register";
import { RecordsProvider } from "./records/RecordsContext";
import "./styles.css";

const client = new QueryClient({ defaultOptions: { queries: { networkMode: "always", refetchOnWindowFocus: false } } });

register();
createRoot(document.getElementById("root")!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <BrowserRouter>
        <AccessGate>
          <RecordsProvider>
            <App />
          </RecordsProvider>
        </AccessGate>
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
