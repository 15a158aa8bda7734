/** The pages that are not about one client or one order, in the order in which a day needs them. */
export const places = [
  { path: "/", label: "Orders", about: "the week, what is next" },
  { path: "/clients", label: "Clients", about: "everybody in the book" },
  { path: "/log", label: "Logbook", about: "every garment that was cut" },
  { path: "/practice", label: "Practice", about: "the sums before the chalk" },
  { path: "/rules", label: "House rules", about: "how this shop cuts" },
  { path: "/backup", label: "Shop", about: "its tape and days, copies of the whole book" },
  { path: "/words", label: "Words", about: "what the craft words mean" },
  { path: "/orders/new", label: "New order", about: "who, what, until when" },
  { path: "/clients/new", label: "New client", about: "the first card" },
] as const;

/** Those of them that stand in the head of the page. */
export const roomPlaces = places.slice(0, 7);
