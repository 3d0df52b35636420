import { addressOf } from './address';
import { quiet } from './quiet';

/** Whether the application works without a network, and whether a newer version waits. */
export class Offline {
	#isReady = $state(false);
	#isOnline = $state(true);
	#waiting = $state.raw<ServiceWorker | null>(null);

	/** whether it opens and works without a network from now on */
	get isReady(): boolean {
		return this.#isReady;
	}
	get isOnline(): boolean {
		return this.#isOnline;
	}
	/** whether a newer version is there; it is taken when asked for, or at the next start */
	readonly hasNewer: boolean = $derived(this.#waiting !== null);

	/**
	 * Keeps the application for later. Browsers allow that on secure origins only.
	 * @returns what ends it
	 */
	start(): () => void {
		this.#isOnline = navigator.onLine;
		const listen = () => (this.#isOnline = navigator.onLine);
		addEventListener('online', listen);
		addEventListener('offline', listen);
		void this.#register();
		return () => {
			removeEventListener('online', listen);
			removeEventListener('offline', listen);
		};
	}

	async #register(): Promise<void> {
		if (!('serviceWorker' in navigator)) return;
		await quiet();
		try {
			const registration = await navigator.serviceWorker.register(addressOf('/service-worker.js'));
			this.#watch(registration);
			registration.addEventListener('updatefound', () => this.#watch(registration));
			await navigator.serviceWorker.ready;
			this.#isReady = true;
		} catch {
			// without it the application works as long as there is a network
		}
	}

	#watch(registration: ServiceWorkerRegistration): void {
		const { installing, waiting, active } = registration;
		if (waiting && active) this.#waiting = waiting;
		installing?.addEventListener('statechange', () => {
			if (installing.state === 'installed' && registration.active) this.#waiting = installing;
		});
	}

	/** Takes the newer version: the page opens anew with it. What is open must have been saved. */
	takeNewer(): void {
		const worker = this.#waiting;
		if (!worker) return;
		navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
		worker.postMessage('take the new version');
	}
}
