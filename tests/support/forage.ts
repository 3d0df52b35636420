/** A store in memory with the calls of localForage that are used here; what goes in is copied, as a browser does. */
export class MemoryStore {
	static readonly all = new Map<string, MemoryStore>();
	/** why every call is refused; null where none is */
	static refusal: string | null = null;
	/** what every call waits for before it does anything */
	static answersAfter: Promise<void> = Promise.resolve();
	readonly #items = new Map<string, unknown>();

	/** A store by its name; the same each time. */
	static named({ storeName }: { storeName: string }): MemoryStore {
		const found = MemoryStore.all.get(storeName) ?? new MemoryStore();
		MemoryStore.all.set(storeName, found);
		return found;
	}

	static reset(): void {
		MemoryStore.refusal = null;
		MemoryStore.answersAfter = Promise.resolve();
		for (const store of MemoryStore.all.values()) store.#items.clear();
	}

	get size(): number {
		return this.#items.size;
	}
	get keys(): string[] {
		return [...this.#items.keys()];
	}

	async #allowed(): Promise<void> {
		await MemoryStore.answersAfter;
		if (MemoryStore.refusal !== null) throw new Error(MemoryStore.refusal);
	}

	async getItem<T>(key: string): Promise<T | null> {
		await this.#allowed();
		return structuredClone((this.#items.get(key) ?? null) as T | null);
	}

	async setItem<T>(key: string, value: T): Promise<T> {
		await this.#allowed();
		this.#items.set(key, structuredClone(value));
		return value;
	}

	async removeItem(key: string): Promise<void> {
		await this.#allowed();
		this.#items.delete(key);
	}

	async ready(): Promise<void> {}
	async iterate<T>(each: (value: T, key: string) => void): Promise<void> {
		await this.#allowed();
		for (const [key, value] of this.#items) each(structuredClone(value) as T, key);
	}
}
