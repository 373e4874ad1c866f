import { useState } from "react";
import { useForm } from "react-hook-form";
import { useSWRConfig } from "swr";
import { send } from "../../api/client.ts";
import { useGet } from "../../api/hooks.ts";
import { Mark } from "../../parts/Mark.tsx";
import { Button, Field, Input, Wrong } from "../../parts/controls.tsx";

/** Who is not signed in stands here; the very first visitor makes the house and its owner. */
export function Door() {
  const first = useGet<{ first: boolean }>("/first");
  return (
    <main className="mx-auto flex min-h-screen max-w-sm flex-col justify-center px-6 pb-24">
      <Mark size={44} />
      {first.data?.first ? <FirstVisit /> : <SignIn />}
    </main>
  );
}

function useEnter<T extends object>(path: string) {
  const [error, setError] = useState<unknown>(null);
  const { mutate } = useSWRConfig();
  const enter = async (values: T): Promise<void> => {
    setError(null);
    try {
      await send("POST", path, values);
      await mutate("/me");
    } catch (e) {
      setError(e);
    }
  };
  return { error, enter };
}

function SignIn() {
  const form = useForm<{ email: string; password: string }>();
  const { error, enter } = useEnter<{ email: string; password: string }>("/sign-in");
  return (
    <form className="mt-5 space-y-4" onSubmit={(e) => void form.handleSubmit(enter)(e)} noValidate>
      <h1 className="font-serif text-xl font-semibold">Good to see you.</h1>
      <Field label="Email">
        <Input type="email" autoComplete="username" autoFocus {...form.register("email")} />
      </Field>
      <Field label="Password">
        <Input type="password" autoComplete="current-password" {...form.register("password")} />
      </Field>
      <Wrong error={error} />
      <Button kind="main" type="submit" className="min-h-10 w-full" disabled={form.formState.isSubmitting}>
        Sign in
      </Button>
    </form>
  );
}

interface First {
  house: string;
  name: string;
  email: string;
  password: string;
}

function FirstVisit() {
  const form = useForm<First>();
  const { error, enter } = useEnter<First>("/first");
  return (
    <form className="mt-5 space-y-4" onSubmit={(e) => void form.handleSubmit(enter)(e)} noValidate>
      <h1 className="font-serif text-xl font-semibold">Welcome. Whose house is it?</h1>
      <p className="text-quiet">You are the first here, so you become its owner.</p>
      <Field label="The house's name">
        <Input autoFocus autoComplete="organization" {...form.register("house")} />
      </Field>
      <Field label="Your name">
        <Input autoComplete="name" {...form.register("name")} />
      </Field>
      <Field label="Your email">
        <Input type="email" autoComplete="username" {...form.register("email")} />
      </Field>
      <Field label="A password" hint="12 characters or more">
        <Input type="password" autoComplete="new-password" {...form.register("password")} />
      </Field>
      <Wrong error={error} />
      <Button kind="main" type="submit" className="min-h-10 w-full" disabled={form.formState.isSubmitting}>
        Open the house
      </Button>
    </form>
  );
}
