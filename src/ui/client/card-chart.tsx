"use client";

import { CartesianGrid, Legend, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";
import { type MeasurementId, measurements } from "@/core/body";
import { formatLength, fromCentimetres, type Unit } from "@/core/length";
import { sayDate } from "@/core/wording";
import type { CardMoment } from "./card-moments";

/** Lines told apart by their rhythm and their mark as well as by their tone. */
const STYLES = [
  { stroke: "var(--color-next-deep)", dash: "" },
  { stroke: "var(--color-ink)", dash: "8 4" },
  { stroke: "var(--color-cloth-under)", dash: "2 4" },
  { stroke: "var(--color-ink-soft)", dash: "12 3 2 3" },
] as const;

interface CardChartProps {
  readonly moments: readonly CardMoment[];
  readonly shown: readonly MeasurementId[];
  readonly unit: Unit;
}

/** How readings changed from card to card; the days stand as far apart as they were. */
export default function CardChart({ moments, shown, unit }: CardChartProps) {
  const inches = (value: number) => (unit === "in" ? value : fromCentimetres(value));
  const say = (value: number) => formatLength(inches(value), unit);
  const sayDay = (at: number) => sayDate(new Date(at).toISOString());
  return (
    <ResponsiveContainer width="100%" height={280}>
      <LineChart data={[...moments]} margin={{ top: 8, right: 24, bottom: 8, left: 8 }}>
        <CartesianGrid stroke="var(--color-line)" strokeDasharray="2 4" vertical={false} />
        <XAxis
          dataKey="at"
          type="number"
          scale="time"
          domain={["dataMin", "dataMax"]}
          ticks={moments.map(({ at }) => at)}
          tickFormatter={sayDay}
          stroke="var(--color-ink)"
          fontSize={13}
        />
        <YAxis
          domain={["auto", "auto"]}
          tickFormatter={say}
          width={52}
          stroke="var(--color-ink)"
          fontSize={14}
          unit={` ${unit}`}
        />
        <Tooltip
          formatter={(value) => `${say(Number(value))} ${unit}`}
          labelFormatter={(at) => sayDay(Number(at))}
          contentStyle={{
            background: "var(--color-card)",
            color: "var(--color-ink)",
            border: "1px solid var(--color-line)",
          }}
        />
        <Legend />
        {shown.map((id, index) => {
          const { stroke, dash } = STYLES[index % STYLES.length] ?? STYLES[0];
          return (
            <Line
              key={id}
              dataKey={id}
              name={measurements[id].label}
              stroke={stroke}
              strokeDasharray={dash}
              strokeWidth={2.5}
              dot={{ r: 4 }}
              connectNulls
              isAnimationActive={false}
            />
          );
        })}
      </LineChart>
    </ResponsiveContainer>
  );
}
