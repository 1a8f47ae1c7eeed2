import { Disclosure, DisclosureButton, DisclosurePanel } from "@headlessui/react";
import { useRef } from "react";
import type { Rig } from "../../api/types";
import { QuantityField } from "../../fields/QuantityField";
import { usePlan } from "../../plan/PlanContext";
import { useReveal } from "../../plan/useReveal";

type Row = { key: string; label: string; optional?: boolean };

const SIZES: readonly Row[] = [
  { key: "length_m", label: "Length" },
  { key: "width_m", label: "Width" },
  { key: "height_m", label: "Height" },
  { key: "floor_m", label: "Floor above ground" },
];

/** The figures of each kind of rig, in the groups in which they are found: on the plate, on the weighbridge, with the tape. */
const GROUPS: Record<Rig["kind"], readonly { title: string; rows: readonly Row[] }[]> = {
  road: [
    {
      title: "Weighbridge, empty",
      rows: [
        { key: "front/weighed_kg", label: "Front axle, weighed", optional: true },
        { key: "rear/weighed_kg", label: "Rear axle, weighed", optional: true },
        { key: "front/estimated_kg", label: "Front axle, else estimated" },
        { key: "rear/estimated_kg", label: "Rear axle, else estimated" },
      ],
    },
    {
      title: "Plate",
      rows: [
        { key: "gross_limit_kg", label: "Gross limit" },
        { key: "front/limit_kg", label: "Front axle limit" },
        { key: "rear/limit_kg", label: "Rear axle limit" },
      ],
    },
    {
      title: "Tape",
      rows: [
        { key: "wheelbase_m", label: "Wheelbase" },
        { key: "track_m", label: "Track" },
        { key: "front_overhang_m", label: "Front overhang" },
        ...SIZES,
      ],
    },
  ],
  trailer: [
    {
      title: "Weighbridge, empty",
      rows: [
        { key: "weighed_kg", label: "Whole, weighed", optional: true },
        { key: "nose_weighed_kg", label: "Nose, weighed", optional: true },
        { key: "estimated_kg", label: "Whole, else estimated" },
        { key: "nose_estimated_kg", label: "Nose, else estimated" },
      ],
    },
    {
      title: "Plate",
      rows: [
        { key: "gross_limit_kg", label: "Gross limit" },
        { key: "nose_limit_kg", label: "Nose limit" },
        { key: "axle_limit_kg", label: "Axle limit" },
      ],
    },
    {
      title: "Tape",
      rows: [
        { key: "coupling_to_axle_m", label: "Coupling to axle" },
        { key: "coupling_to_body_m", label: "Coupling to body" },
        { key: "track_m", label: "Track" },
        ...SIZES,
      ],
    },
  ],
  boat: [
    {
      title: "Papers",
      rows: [
        { key: "displacement_kg", label: "Displacement, empty" },
        { key: "gm_m", label: "Metacentric height" },
        { key: "load_limit_kg", label: "Load limit" },
      ],
    },
    { title: "Tape", rows: SIZES.map((row) => (row.key === "floor_m" ? { ...row, label: "Sole above keel" } : row)) },
  ],
};

/** The rig's own figures: to be copied from plate and ticket and measured once. */
export function RigFields() {
  const { plan } = usePlan();
  const button = useRef<HTMLButtonElement>(null);
  useReveal((pointer) => {
    if (pointer.startsWith("/load/rig/") && button.current?.getAttribute("aria-expanded") === "false")
      button.current.click();
  });
  return (
    <Disclosure as="section" className="card mt-4">
      <DisclosureButton ref={button} className="flex min-h-11 w-full items-center justify-between px-4">
        <h2>{plan.load.rig.kind === "boat" ? "Her papers and sizes" : "The rig’s plate, ticket and sizes"}</h2>
        <span className="ui-open-mark" aria-hidden />
      </DisclosureButton>
      <DisclosurePanel className="flex flex-wrap gap-x-8 gap-y-4 px-4 pb-4">
        {GROUPS[plan.load.rig.kind].map((group) => (
          <fieldset key={group.title}>
            <legend className="mb-1 font-[620]">{group.title}</legend>
            <div className="grid grid-cols-2 gap-x-6 gap-y-2">
              {group.rows.map((row) => (
                <QuantityField
                  key={row.key}
                  pointer={`/load/rig/${row.key}`}
                  label={row.label}
                  optional={row.optional ?? false}
                  width="w-22"
                />
              ))}
            </div>
          </fieldset>
        ))}
      </DisclosurePanel>
    </Disclosure>
  );
}
