package ripplerest.app.library;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ripplerest.app.http.NotFoundException;
import ripplerest.core.hook.HookSpec;

/** Hooks that the tier measured. Patterns hold the measures themselves and name none of these. */
@Service
@Transactional
public class HookStore {
  private final OwnHookRepository repository;

  HookStore(OwnHookRepository repository) {
    this.repository = repository;
  }

  /** Those to choose from, by name. */
  public List<OwnHook> all() {
    return repository.findAllByDeletedAtIsNullOrderByName();
  }

  /** Keeps all of them or none; each must have measures. */
  public List<OwnHook> add(List<HookSpec> hooks) {
    return repository.saveAllAndFlush(hooks.stream().map(OwnHook::new).toList());
  }

  /** Deletes one; it can be restored. */
  public void delete(UUID id) {
    repository
        .findByIdAndDeletedAtIsNull(id)
        .orElseThrow(() -> new NotFoundException("hook", id))
        .deleted(Instant.now());
  }

  /** Offers a deleted one again. */
  public void restore(UUID id) {
    repository.findById(id).orElseThrow(() -> new NotFoundException("hook", id)).deleted(null);
  }
}
