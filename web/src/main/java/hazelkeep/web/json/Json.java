package hazelkeep.web.json;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import hazelkeep.hold.Around;
import hazelkeep.hold.Centres;
import hazelkeep.hold.Expand;
import hazelkeep.hold.Grip;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.OffLathe;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.Screwed;
import hazelkeep.hold.ScrewedOn;
import hazelkeep.hold.Squeeze;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Offered;
import hazelkeep.route.Act;
import hazelkeep.route.Remedy;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.said.Sentences;
import hazelkeep.workbench.Fact;
import java.math.BigDecimal;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** Core records as JSON and back: one mapper for the database and for piece files. */
@Component
public class Json {
  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Fact.Done.class, name = "done"),
    @JsonSubTypes.Type(value = Fact.Reading.class, name = "reading"),
    @JsonSubTypes.Type(value = Fact.Found.class, name = "found"),
    @JsonSubTypes.Type(value = Fact.Replaced.class, name = "replaced"),
    @JsonSubTypes.Type(value = Fact.Changed.class, name = "changed"),
    @JsonSubTypes.Type(value = Fact.Withdrawn.class, name = "withdrawn"),
    @JsonSubTypes.Type(value = Fact.Tried.class, name = "tried"),
    @JsonSubTypes.Type(value = Fact.RunOut.class, name = "run-out"),
    @JsonSubTypes.Type(value = Fact.Paused.class, name = "paused")
  })
  private interface FactTypes {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Act.Remove.class, name = "remove"),
    @JsonSubTypes.Type(value = Act.LetIn.class, name = "let-in"),
    @JsonSubTypes.Type(value = Act.Glue.class, name = "glue"),
    @JsonSubTypes.Type(value = Act.Sand.class, name = "sand"),
    @JsonSubTypes.Type(value = Act.Coat.class, name = "coat"),
    @JsonSubTypes.Type(value = Act.Drill.class, name = "drill"),
    @JsonSubTypes.Type(value = Act.Mark.class, name = "mark"),
    @JsonSubTypes.Type(value = Act.Read.class, name = "read"),
    @JsonSubTypes.Type(value = Act.Try.class, name = "try")
  })
  private interface ActTypes {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = RouteEdit.MoveAfter.class, name = "move-after"),
    @JsonSubTypes.Type(value = RouteEdit.MoveInto.class, name = "move-into"),
    @JsonSubTypes.Type(value = RouteEdit.Drop.class, name = "drop"),
    @JsonSubTypes.Type(value = RouteEdit.Add.class, name = "add"),
    @JsonSubTypes.Type(value = RouteEdit.MoveSetup.class, name = "move-setup"),
    @JsonSubTypes.Type(value = RouteEdit.DropSetup.class, name = "drop-setup"),
    @JsonSubTypes.Type(value = RouteEdit.Again.class, name = "again"),
    @JsonSubTypes.Type(value = RouteEdit.Rehold.class, name = "rehold")
  })
  private interface EditTypes {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Remedy.SetDim.class, name = "set"),
    @JsonSubTypes.Type(value = Remedy.LetGo.class, name = "let-go"),
    @JsonSubTypes.Type(value = Remedy.Choose.class, name = "choose"),
    @JsonSubTypes.Type(value = Remedy.Know.class, name = "know"),
    @JsonSubTypes.Type(value = Remedy.Restore.class, name = "restore"),
    @JsonSubTypes.Type(value = Remedy.Rehold.class, name = "rehold"),
    @JsonSubTypes.Type(value = Remedy.Together.class, name = "together")
  })
  private interface RemedyTypes {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Centres.class, name = "centres"),
    @JsonSubTypes.Type(value = Squeeze.class, name = "squeeze"),
    @JsonSubTypes.Type(value = Around.class, name = "around"),
    @JsonSubTypes.Type(value = Expand.class, name = "expand"),
    @JsonSubTypes.Type(value = Screwed.class, name = "screw"),
    @JsonSubTypes.Type(value = JamOn.class, name = "jam-on"),
    @JsonSubTypes.Type(value = ScrewedOn.class, name = "screwed-on"),
    @JsonSubTypes.Type(value = JamChuck.class, name = "jam-chuck"),
    @JsonSubTypes.Type(value = Pressed.class, name = "pressed"),
    @JsonSubTypes.Type(value = OffLathe.class, name = "off-lathe")
  })
  private interface GripTypes {}

  private final JsonMapper mapper;
  private final Reasons reasons =
      new Reasons()
          .sorts(Fact.class, FactTypes.class)
          .sorts(Act.class, ActTypes.class)
          .sorts(RouteEdit.class, EditTypes.class)
          .sorts(Remedy.class, RemedyTypes.class)
          .sorts(Grip.class, GripTypes.class);

  /** Makes the mapper. */
  public Json() {
    SimpleModule module = new SimpleModule("hazel-keep");
    module.addSerializer(Size.class, new SizeOut());
    module.addDeserializer(Size.class, new SizeIn());
    module.addSerializer(Length.class, new LengthOut());
    module.addDeserializer(Length.class, new LengthIn());
    module.addSerializer(HalfSection.class, text(HalfSection::text));
    module.addDeserializer(HalfSection.class, read(HalfSection.class, HalfSection::parse));
    module.addSerializer(StepKey.class, text(StepKey::path));
    module.addDeserializer(StepKey.class, read(StepKey.class, StepKey::new));
    module.addSerializer(DimKey.class, text(DimKey::path));
    module.addDeserializer(DimKey.class, read(DimKey.class, DimKey::new));
    mapper =
        JsonMapper.builder()
            .addModule(module)
            .addMixIn(Fact.class, FactTypes.class)
            .addMixIn(Act.class, ActTypes.class)
            .addMixIn(Grip.class, GripTypes.class)
            .addMixIn(RouteEdit.class, EditTypes.class)
            .addMixIn(Remedy.class, RemedyTypes.class)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            // What a field left out means is the record's to say: files outlive their fields.
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();
  }

  /** The mapper. */
  public JsonMapper mapper() {
    return mapper;
  }

  /** A value as JSON. */
  public String write(Object value) {
    return mapper.writeValueAsString(value);
  }

  /** A fact as JSON, with its type. */
  public String fact(Fact fact) {
    return mapper.writerFor(Fact.class).writeValueAsString(fact);
  }

  /** A remedy as JSON, with its type, for the way back. */
  public String remedy(Remedy remedy) {
    return mapper.writerFor(Remedy.class).writeValueAsString(remedy);
  }

  /** A value read back. */
  public <T> T read(String json, Class<T> type) {
    return mapper.readValue(json, type);
  }

  /**
   * A design read over its kind's fresh one, so that a file states only what it wants.
   *
   * @throws BadField when a field is unknown or out of range, in plain words
   */
  public <D extends Design> D design(Kind<D> kind, JsonNode stated) {
    ObjectNode whole = mapper.valueToTree(kind.fresh());
    if (!(stated instanceof ObjectNode given)) {
      throw new BadField("", Sentences.of("json.a-design-is-a-json"));
    }
    for (Map.Entry<String, JsonNode> e : given.properties()) {
      if (!whole.has(e.getKey())) {
        throw new BadField(
            e.getKey(),
            Sentences.of(
                "json.a-has-no-field-it",
                kind.title(),
                e.getKey(),
                String.join(", ", whole.propertyNames())));
      }
      whole.set(e.getKey(), e.getValue());
    }
    for (Map.Entry<String, JsonNode> e : given.path("sizes").properties()) {
      if (e.getValue().isNull()) {
        throw new BadField("sizes." + e.getKey(), Sentences.of("json.a-size-is-expected-here"));
      }
    }
    D read = read(whole, kind.type());
    Whole.check(read, "");
    Offered.not(kind, read)
        .ifPresent(
            n -> {
              throw new BadField(n.choice(), n.accepted());
            });
    return read;
  }

  /**
   * A tree as a value.
   *
   * @throws BadField when it can't be one, with the place and in plain words
   */
  public <T> T read(JsonNode tree, Class<T> type) {
    try {
      return mapper.treeToValue(tree, type);
    } catch (JacksonException e) {
      throw new BadField(Reasons.path(e), reasons.of(e));
    }
  }

  /**
   * A tree as a value whose lengths may be written as texts.
   *
   * @throws BadField when it can't be one, with the place and in plain words
   */
  public <T> T lengths(JsonNode tree, Class<T> type) {
    T read = read(Lengths.numbers(tree, type, ""), type);
    Whole.check(read, "");
    return read;
  }

  /** The plain reason behind a failed reading, without class names. */
  public String reason(Throwable e) {
    return reasons.of(e);
  }

  private static <T> ValueSerializer<T> text(java.util.function.Function<T, String> as) {
    return new ValueSerializer<>() {
      @Override
      public void serialize(T value, JsonGenerator gen, SerializationContext ctx) {
        gen.writeString(as.apply(value));
      }
    };
  }

  private static <T> ValueDeserializer<T> read(
      Class<T> type, java.util.function.Function<String, T> from) {
    return new ValueDeserializer<>() {
      @Override
      public T deserialize(JsonParser p, DeserializationContext ctx) {
        String text = p.getValueAsString();
        if (text == null) {
          throw new Refused(Sentences.of("json.a-text-is-expected-here"));
        }
        return from.apply(text);
      }

      @Override
      public Class<?> handledType() {
        return type;
      }
    };
  }

  private static final class LengthOut extends ValueSerializer<Length> {
    @Override
    public void serialize(Length length, JsonGenerator gen, SerializationContext ctx) {
      gen.writeNumber(length.mm());
    }
  }

  private static final class LengthIn extends ValueDeserializer<Length> {
    @Override
    public Length deserialize(JsonParser p, DeserializationContext ctx) {
      return Length.mm(p.getDoubleValue());
    }
  }

  /** A plain number is exact millimetres; anything else is written as a turner would. */
  private static final class SizeOut extends ValueSerializer<Size> {
    @Override
    public void serialize(Size size, JsonGenerator gen, SerializationContext ctx) {
      if (size.hedge() == Hedge.EXACT) {
        gen.writeNumber(size.mm());
      } else {
        // The shortest number that is this one again: nothing is rounded on its way to disk.
        String mm = BigDecimal.valueOf(size.mm()).toPlainString();
        gen.writeString(size.hedge().words() + mm + " mm");
      }
    }
  }

  private static final class SizeIn extends ValueDeserializer<Size> {
    @Override
    public Size deserialize(JsonParser p, DeserializationContext ctx) {
      if (p.currentToken().isNumeric()) {
        return new Size(Length.mm(p.getDoubleValue()), Hedge.EXACT);
      }
      String text = p.getValueAsString();
      return SizeText.parse(text == null ? "" : text, Unit.MM);
    }
  }
}
