/** Every key that does something, by the view it does it in: the keyboard map is made of these, and nothing else. */
export const keyMap = [
  {
    view: "Everywhere",
    keys: [
      { keys: ["Ctrl", "K"], does: "Find a client, an order or a page" },
      { keys: ["?"], does: "Show this map" },
      { keys: ["Esc"], does: "Put away what lies on top" },
    ],
  },
  {
    view: "On a card",
    keys: [
      { keys: ["Enter"], does: "On to the next reading" },
      { keys: ["↑", "↓"], does: "The reading before, the reading after" },
      { keys: [";"], does: "In a field: taken again, 41 1/2; 41 3/4" },
      { keys: ["Ctrl", "Enter"], does: "Keep the card" },
    ],
  },
  {
    view: "On the cut sheet",
    keys: [
      { keys: ["↑", "↓"], does: "The step before, the step after" },
      { keys: ["Space"], does: "Tick the step in hand" },
    ],
  },
  {
    view: "On the cloth, a piece in focus",
    keys: [
      { keys: ["←", "→", "↑", "↓"], does: "Move it by an inch, and pin it there" },
      { keys: ["Enter", "Space"], does: "Take it in hand, or put it down" },
      { keys: ["T"], does: "Turn it head down" },
      { keys: ["U"], does: "Let it move again" },
    ],
  },
  {
    view: "At the table",
    keys: [
      { keys: ["→", "Enter", "Space"], does: "Done, on to the next laying; read aloud, to the next reading" },
      { keys: ["←", "Backspace"], does: "Back" },
      { keys: ["R"], does: "Say it again" },
      { keys: ["V"], does: "Read steps aloud, or be quiet" },
      { keys: ["Z"], does: "Closer to the step, or the whole cloth" },
      { keys: ["W"], does: "Show what comes later too, or only what is chalked" },
      { keys: ["S"], does: "Every mark for itself, or one laying at a time" },
      { keys: ["L"], does: "Fold at the other side" },
      { keys: ["D"], does: "Dim room, or bright" },
    ],
  },
] as const;

/** Whether a key press is meant for a field that is being written in. */
export function isWriting(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest("input:not([type=range]), textarea, select, [role=combobox]") !== null
  );
}
