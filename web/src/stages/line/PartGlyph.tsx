const INK = "fill-sheet stroke-ink";

/** A part as it is drawn in the schematic, its middle at the origin, water from the left. */
export function PartGlyph({ kind, trouble, shut }: { kind: string; trouble: boolean; shut: boolean }) {
  const line = trouble ? "fill-sheet stroke-rust" : INK;
  const bare = trouble ? "stroke-rust" : "stroke-ink";
  const width = trouble ? 2.4 : 1.8;
  switch (kind) {
    case "tank":
    case "tank_inlet":
      return (
        <g strokeWidth={width}>
          <rect x="-20" y="-20" width="40" height="38" rx="3" className={line} />
          <rect
            x="-19"
            y={kind === "tank" ? -8 : 6}
            width="38"
            height={kind === "tank" ? 25 : 11}
            className="fill-wash"
          />
          {kind === "tank_inlet" && <path d="M0-30v16m-5-6l5 6 5-6" fill="none" className={bare} />}
        </g>
      );
    case "tee":
    case "manifold":
      return <circle r="5" className="fill-ink" stroke="none" />;
    case "shut_off":
      return (
        <path
          d="M-12-9v18L12-9v18z"
          className={shut ? `fill-ink ${bare}` : line}
          strokeWidth={width}
          strokeLinejoin="round"
        />
      );
    case "three_way_valve":
      return (
        <path
          d="M-12-8v16L0 0zM12-8v16L0 0zM-8 13h16L0 0z"
          className={line}
          strokeWidth={width}
          strokeLinejoin="round"
        />
      );
    case "strainer":
      return (
        <g strokeWidth={width}>
          <path d="M-12-11h24v11l-8 14h-8l-8-14z" className={line} />
          <path d="M-8-7L6 6M8-7L-6 6" className={bare} strokeWidth="1.1" />
        </g>
      );
    case "filter":
      return (
        <g strokeWidth={width}>
          <rect x="-13" y="-14" width="26" height="36" rx="3" className={line} />
          <path d="M-7-7v22M0-7v22M7-7v22" className={bare} strokeWidth="1.2" />
        </g>
      );
    case "uv_lamp":
      return (
        <g strokeWidth={width}>
          <rect x="-18" y="-8" width="36" height="16" rx="8" className={line} />
          <path d="M-11 0H11M-7-13l2 4M0-14v4M7-13l-2 4" className={bare} fill="none" />
        </g>
      );
    case "doser":
      return (
        <g strokeWidth={width}>
          <rect x="-9" y="-26" width="18" height="17" rx="3" className={line} />
          <path d="M0-9v9" className={bare} />
          <circle r="5" className={line} />
        </g>
      );
    case "foot_pump":
    case "hand_pump":
      return (
        <g strokeWidth={width}>
          <circle r="15" className={line} />
          <path d="M-6-8L7 0-6 8zM0-15v-9h12" className={bare} fill="none" strokeLinejoin="round" />
        </g>
      );
    case "pressure_pump":
    case "bypass_pump":
    case "variable_pump":
    case "submersible_pump":
    case "transfer_pump":
      return (
        <g strokeWidth={width}>
          <circle r="17" className={trouble ? "fill-rim stroke-rust" : "fill-rim stroke-ink"} />
          <path d="M-6-9L9 0-6 9z" className="fill-sheet" stroke="none" />
        </g>
      );
    case "accumulator":
      return (
        <g strokeWidth={width}>
          <path d="M0 0v-8" className={bare} strokeWidth="4" />
          <rect x="-11" y="-34" width="22" height="27" rx="11" className={line} />
          <path d="M-10-19h20v1a10 10 0 0 1-20 0z" className="fill-wash" stroke="none" />
        </g>
      );
    case "non_return":
      return (
        <g strokeWidth={width}>
          <circle r="11" className={line} />
          <path d="M-5-7L4 0-5 7M6-7V7" className={bare} fill="none" />
        </g>
      );
    case "vacuum_breaker":
      return (
        <g strokeWidth={width}>
          <circle r="11" className={line} />
          <path d="M-5-6L4 0-5 6M6-6V6M0-11v-9M-5-15l5-5 5 5" className={bare} fill="none" />
        </g>
      );
    case "float_valve":
      return (
        <g strokeWidth={width}>
          <path d="M-12-9v14L12-9v14z" className={line} strokeLinejoin="round" />
          <path d="M0-2v16" className={bare} />
          <circle cy="17" r="6" className={line} />
        </g>
      );
    case "air_gap":
      return (
        <g strokeWidth={width}>
          <path d="M-13-12H0v8" className={bare} fill="none" />
          <path d="M0-4v7" className="stroke-water" strokeDasharray="3 3" />
          <path d="M-9 4H9L2 14h-4z" className={line} strokeLinejoin="round" />
        </g>
      );
    case "regulator":
      return (
        <g strokeWidth={width}>
          <path d="M-11 0L0-11 11 0 0 11z" className={line} />
          <path d="M0-11v-9M-6-20H6" className={bare} />
        </g>
      );
    case "relief":
      return (
        <g strokeWidth={width}>
          <path d="M0 0v-10M-8-10H8L0-22zM8-16h9v7" className={line} strokeLinejoin="round" />
        </g>
      );
    case "storage_heater":
    case "exchanger":
      return (
        <g strokeWidth={width}>
          <rect x="-15" y="-18" width="30" height="36" rx={kind === "exchanger" ? 1 : 6} className={line} />
          <path
            d={kind === "exchanger" ? "M-9-10l6 20 6-20 6 20" : "M-9 6q4-9 9 0t9 0"}
            className="stroke-rust"
            fill="none"
            strokeWidth="2"
          />
        </g>
      );
    case "mixing_valve":
    case "mixer_tap":
      return (
        <g strokeWidth={width}>
          <circle r="12" className={line} />
          <path d="M0-12a12 12 0 0 1 0 24z" className="fill-rust" opacity=".75" stroke="none" />
          {kind === "mixer_tap" && <path d="M0 12v7h9v5" className={bare} fill="none" />}
        </g>
      );
    case "shower":
      return (
        <g strokeWidth={width}>
          <path d="M0-8v8h-10l-5 7h30l-5-7H0" className={line} strokeLinejoin="round" />
          <path d="M-9 11v9M-3 11v9M3 11v9M9 11v9" className="stroke-water" strokeDasharray="3 3" />
        </g>
      );
    case "tap":
    case "switched_tap":
    case "outside_point":
    case "washer":
      return (
        <g strokeWidth={width}>
          <path d="M-12-5H3q7 0 7 8v6H2V5h-14zM-5-5v-7m-5 0H0" className={line} strokeLinejoin="round" />
          {kind === "washer" && <circle cx="-5" cy="14" r="6" className={line} />}
          {kind === "outside_point" && <path d="M14-14V16" className={bare} strokeDasharray="3 3" />}
        </g>
      );
    case "mains_inlet":
    case "fill_inlet":
      return (
        <g strokeWidth={width}>
          <path d="M-14-14V14" className={bare} strokeWidth="3" />
          <path d="M-14-7H0L8 0 0 7h-14z" className={line} strokeLinejoin="round" />
        </g>
      );
    case "drain_valve":
      return (
        <g strokeWidth={width}>
          <path d="M0 0v8M-6 8h12L0 18z" className={line} strokeLinejoin="round" />
        </g>
      );
    case "cap":
      return <path d="M-4-9H6V9H-4" className={line} strokeWidth={width} />;
    case "free_end":
      return <path d="M-6-6l6 6-6 6M2-6l6 6-6 6" className={bare} fill="none" strokeWidth={width} />;
    default:
      return <rect x="-11" y="-9" width="22" height="18" rx="2" className={line} strokeWidth={width} />;
  }
}
