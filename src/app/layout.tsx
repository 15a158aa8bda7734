import type { Metadata, Viewport } from "next";
import localFont from "next/font/local";
import { cookies } from "next/headers";
import type { ReactNode } from "react";
import { GoingBar } from "@/ui/shell/going-bar";
import { readPreferences } from "@/ui/shell/kept-preferences";
import { OfflineHelper } from "@/ui/shell/offline-helper";
import { PreferencesProvider } from "@/ui/shell/preferences";
import "./globals.css";

/** The two typefaces in Latin letters come with the page itself, so that nothing jumps; other scripts follow when they are met. */
const sans = localFont({
  src: "../../node_modules/@fontsource-variable/commissioner/files/commissioner-latin-wght-normal.woff2",
  weight: "100 900",
  variable: "--font-body",
  adjustFontFallback: false,
});
const head = localFont({
  src: "../../node_modules/@fontsource-variable/bitter/files/bitter-latin-wght-normal.woff2",
  weight: "100 900",
  variable: "--font-title",
  adjustFontFallback: false,
});

export const metadata: Metadata = {
  title: { default: "Inner Fold", template: "%s · Inner Fold" },
  description: "From the tape to the chalk, on the fold.",
  appleWebApp: { title: "Inner Fold" },
};
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#3b2340" };

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  const kept = await cookies();
  const preferences = readPreferences((name) => kept.get(name)?.value);
  return (
    <html
      lang="en"
      className={`${sans.variable} ${head.variable}`}
      data-hand={preferences.hand}
      data-room={preferences.room}
    >
      <body>
        <PreferencesProvider start={preferences}>{children}</PreferencesProvider>
        <GoingBar />
        <OfflineHelper />
      </body>
    </html>
  );
}
