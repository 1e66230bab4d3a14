import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "@fontsource/b612-mono/400.css";
import "@fontsource/b612-mono/700.css";
import "./app.css";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { createBrowserRouter, RouterProvider } from "react-router";
import { Shell } from "./app/Shell";
import { AllowedProvider } from "./components/allowed";
import { JobsPage } from "./features/jobs";
import { CalculationPage, MemberPage, WallPaperPage } from "./features/paper";
import { FirstWall, WallPage } from "./features/wall";
import { SpeechProvider } from "./speech/useSpeech";

const client = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 2_000 } } });

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: "/", element: <JobsPage /> },
      { path: "/jobs/:job", element: <FirstWall /> },
      { path: "/jobs/:job/walls/:wall", element: <WallPage /> },
      { path: "/jobs/:job/walls/:wall/papers/:sheet", element: <WallPaperPage /> },
      { path: "/jobs/:job/openings/:opening/sheet", element: <CalculationPage /> },
      { path: "/jobs/:job/members/:part/sheet", element: <MemberPage /> },
      {
        path: "/jobs/:job/openings/:opening/reach",
        lazy: async () => ({ Component: (await import("./features/reach")).ReachPage }),
      },
      {
        path: "/jobs/:job/house",
        lazy: async () => ({ Component: (await import("./features/house")).HousePage }),
      },
      {
        path: "/jobs/:job/saw",
        lazy: async () => ({ Component: (await import("./features/saw")).SawPage }),
      },
      {
        path: "/jobs/:job/cut",
        lazy: async () => ({ Component: (await import("./features/cut")).CutPage }),
      },
      {
        path: "/jobs/:job/shore",
        lazy: async () => ({ Component: (await import("./features/shore")).ShorePage }),
      },
      {
        path: "/jobs/:job/walls/:wall/order",
        lazy: async () => ({ Component: (await import("./features/openingOrder")).OrderPage }),
      },
      {
        path: "/jobs/:job/openings/:opening/returns",
        lazy: async () => ({ Component: (await import("./features/returns")).ReturnsPage }),
      },
      {
        path: "/jobs/:job/raise",
        lazy: async () => ({ Component: (await import("./features/raise")).RaisePage }),
      },
      {
        path: "/jobs/:job/labels",
        lazy: async () => ({ Component: (await import("./features/cut")).LabelsPage }),
      },
      {
        path: "/jobs/:job/materials",
        lazy: async () => ({ Component: (await import("./features/materials")).MaterialsPage }),
      },
      {
        path: "/jobs/:job/rules",
        lazy: async () => ({ Component: (await import("./features/rules")).RulesPage }),
      },
      {
        path: "/devices",
        lazy: async () => ({ Component: (await import("./features/devices")).DevicesPage }),
      },
      { path: "*", element: <JobsPage /> },
    ],
  },
]);

const root = document.getElementById("root");
if (root === null) throw new Error("the page has no root");
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <SpeechProvider>
        <AllowedProvider>
          <RouterProvider router={router} />
        </AllowedProvider>
      </SpeechProvider>
    </QueryClientProvider>
  </StrictMode>,
);
