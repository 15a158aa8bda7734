import type { ReactNode } from "react";
import type { SheetDrawing } from "@/core/formats";
import { arrangeRows } from "./arrange-rows";
import { frameGroup, type Group } from "./cloth-frame";

interface ClothRowsProps {
  readonly sheet: SheetDrawing;
  /** How wide the room is for its height. */
  readonly aspect: number;
  /** One cloth, in a window that is so many inches high. */
  readonly children: (group: Group, high: number) => ReactNode;
}

/** All cloths of a sheet in one scale, in rows: a placket is never as wide as a front, and a long strip makes nothing small. */
export function ClothRows({ sheet, aspect, children }: ClothRowsProps) {
  const framed = sheet.groups.flatMap((group) => {
    const view = frameGroup(sheet, group)?.view;
    return view === undefined ? [] : [{ group, width: view.width, height: view.height }];
  });
  const rows = arrangeRows(framed, aspect);
  const widest = Math.max(0, ...rows.map(({ width }) => width));
  return (
    <div
      className="grid h-full"
      style={{ gridTemplateRows: rows.map(({ height }) => `minmax(0, ${height.toFixed(2)}fr)`).join(" ") }}
    >
      {rows.map(({ items, width, height }) => (
        <div
          key={items[0]?.group.id}
          className="grid min-h-0 grid-rows-[minmax(0,1fr)]"
          style={{
            gridTemplateColumns: [...items.map((item) => item.width), widest - width]
              .map((wide) => `minmax(0, ${wide.toFixed(2)}fr)`)
              .join(" "),
          }}
        >
          {items.map(({ group }) => (
            <div key={group.id} className="min-h-0 min-w-0">
              {children(group, height)}
            </div>
          ))}
        </div>
      ))}
    </div>
  );
}
