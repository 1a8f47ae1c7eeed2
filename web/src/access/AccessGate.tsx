import { Dialog, DialogPanel } from "@headlessui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, type ReactNode, Suspense, useEffect, useRef } from "react";
import { useLocation } from "react-router";
import { api } from "../api/client";
import { untilFetched } from "../api/fetched";
import type { Who } from "../api/types";
import { useGround } from "../frame/lightOrDark";
import { Waiting } from "../frame/Waiting";
import { onSignedOut } from "./signedOut";
import { HERE, WhoContext } from "./WhoContext";

const SignIn = lazy(untilFetched(() => import("./SignIn")));
const EnterByLink = lazy(untilFetched(() => import("./EnterByLink")));
const SharedPlan = lazy(untilFetched(() => import("./SharedPlan")));

/** Where a link to one plan leads. */
const SHARED = "/shared";

/** Only the machine itself is reached without TLS, and there nobody signs in. */
const IS_HERE = window.location.protocol === "http:";

/** While the server is away. */
const AGAIN_MS = 5000;

/** Lets in whom the server knows. */
export function AccessGate({ children }: { children: ReactNode }) {
  return IS_HERE ? children : <Gate>{children}</Gate>;
}

function Gate({ children }: { children: ReactNode }) {
  useGround();
  const client = useQueryClient();
  const { pathname } = useLocation();
  const asked = useQuery({
    queryKey: ["who"],
    queryFn: api.who,
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: ({ state }) => (state.status === "error" ? AGAIN_MS : false),
  });
  const wasIn = useRef(false);
  useEffect(() => onSignedOut(() => void client.invalidateQueries({ queryKey: ["who"] })), [client]);
  const letIn = (who: Who) => {
    client.setQueryData(["who"], who);
    void client.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== "who" });
  };

  if (asked.isPending) return <Waiting what="" />;
  // While the server is away this device shows what it has kept.
  const who = asked.data ?? { ...HERE, here: false };
  if (pathname.startsWith(SHARED))
    return (
      <Later>
        <EnterByLink onIn={letIn} />
      </Later>
    );
  if (who.plan !== null) {
    return (
      <WhoContext value={who}>
        <Later>
          <SharedPlan plan={who.plan}>{children}</SharedPlan>
        </Later>
      </WhoContext>
    );
  }
  const isIn = who.may !== "nobody";
  wasIn.current ||= isIn;
  return (
    <WhoContext value={who}>
      {wasIn.current && children}
      {!isIn &&
        (wasIn.current ? (
          <OverAll onIn={letIn} />
        ) : (
          <Later>
            <SignIn wasIn={false} onIn={letIn} />
          </Later>
        ))}
    </WhoContext>
  );
}

/** What somebody was doing when this device was signed out stays below, and goes on afterwards. */
function OverAll({ onIn }: { onIn: (who: Who) => void }) {
  return (
    <Dialog open onClose={() => undefined} className="relative z-50">
      <DialogPanel className="fixed inset-0 overflow-y-auto bg-ground">
        <Later>
          <SignIn wasIn onIn={onIn} />
        </Later>
      </DialogPanel>
    </Dialog>
  );
}

function Later({ children }: { children: ReactNode }) {
  return <Suspense fallback={<Waiting what="" />}>{children}</Suspense>;
}
