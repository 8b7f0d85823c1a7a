package hazelkeep.web.store;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Whether the disk takes another change. It is asked before each: a database that meets a full disk
 * in the middle of a change closes itself and has to be opened again.
 */
@Component
public class Room {
  private final Path folder;
  private final long reserve;

  /**
   * In a folder.
   *
   * @param folder where the data lie; empty when they lie in memory
   * @param reserve what is to stay free, so that the database can tidy its file
   */
  public Room(
      @Value("${hazel.data:}") String folder, @Value("${hazel.reserve:16MB}") DataSize reserve) {
    this.folder = folder.isEmpty() ? null : Path.of(folder);
    this.reserve = reserve.toBytes();
  }

  /** What stands in the way of another change; empty when nothing does. */
  public Optional<String> trouble() {
    if (folder == null) {
      return Optional.empty();
    }
    if (!Files.isWritable(folder)) {
      return Optional.of("The folder " + folder + " can't be written");
    }
    try {
      long free = Files.getFileStore(folder).getUsableSpace();
      return free < reserve
          ? Optional.of(
              Sentences.of("room.only-mb-are-free-for", free >> 20, folder, reserve >> 20))
          : Optional.empty();
    } catch (IOException e) {
      return Optional.of("The folder " + folder + " can't be read: " + e.getMessage());
    }
  }
}
