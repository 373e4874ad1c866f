import { Component, type ReactNode } from "react";
import { Button } from "./controls.tsx";

/** What stands in place of a room that could not be drawn: the rest of the desk goes on. */
export class Fallen extends Component<{ children: ReactNode }, { error: Error | null }> {
  override state: { error: Error | null } = { error: null };

  static getDerivedStateFromError(error: Error): { error: Error } {
    return { error };
  }

  override render(): ReactNode {
    if (!this.state.error) return this.props.children;
    return (
      <main className="p-6" role="alert">
        <h1 className="font-serif text-l font-semibold">This page could not be shown.</h1>
        <p className="my-2 max-w-prose text-quiet">
          Nothing was changed, and what you typed is kept. Open it again; if it stays, tell whoever looks after Gentian: {this.state.error.message}
        </p>
        <Button kind="main" onClick={() => this.setState({ error: null })}>
          Open it again
        </Button>
      </main>
    );
  }
}
