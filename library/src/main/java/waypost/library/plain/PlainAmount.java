package waypost.library.plain;

import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.body.Joint;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.demand.Support;
import waypost.core.limit.Allowed;
import waypost.core.limit.Circumstance;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Quantity;

/** Says how much of something is allowed. */
record PlainAmount(PlainText words, Allowed<?> allowed) implements Quantity.Visitor<String> {

    private static final String NONE = ".none";

    private <T> Optional<T> most(Class<T> type) {
        return allowed.most().map(type::cast);
    }

    @Override
    public String effort(Quantity.Effort quantity) {
        String tissue = PlainText.key(quantity.tissue());
        Level most = most(Level.class).orElse(Level.NONE);
        String way = Stream.of(PlainWay.several(words, quantity.modes()), PlainWay.several(words, quantity.actions()))
                .flatMap(Optional::stream)
                .map(one -> " " + one)
                .reduce("", String::concat);
        String key = "effort." + PlainText.key(most);
        if (most == Level.NONE && way.isEmpty()) {
            Optional<String> ofItsOwn = words.find(key + ".any." + tissue);
            return ofItsOwn.orElseGet(() -> effort(key + ".any", tissue, way));
        }
        return effort(key, tissue, way);
    }

    private String effort(String key, String tissue, String way) {
        return words.say(key, words.say("tissue." + tissue + ".verb"), words.say("tissue." + tissue + ".object"), way);
    }

    @Override
    public String share(LimbQuantity.Share quantity) {
        String alone =
                quantity.support().filter(support -> support == Support.ONE).isPresent() ? ".one" : "";
        return ofWeight("share." + PlainText.key(quantity.limb()) + alone);
    }

    @Override
    public String onKnee(LimbQuantity.OnKnee quantity) {
        return ofWeight("kneel");
    }

    @Override
    public String pressing(LimbQuantity.Pressing quantity) {
        String key = "pressed." + PlainText.key(most(Level.class).orElse(Level.NONE));
        return words.say(key, words.say("joint." + PlainText.key(quantity.joint())));
    }

    private String ofWeight(String key) {
        double percent = most(BodyShare.class).map(BodyShare::percent).orElse(0.0);
        String number = words.number(percent);
        return percent == 0
                ? words.say(key + NONE)
                : words.find(key + "." + number).orElseGet(() -> words.say(key, number));
    }

    @Override
    public String against(Quantity.Against quantity) {
        Loading most = most(Loading.class).orElse(Loading.NONE);
        return moving("against." + PlainText.key(most), quantity.circumstance());
    }

    @Override
    public String endForce(Quantity.EndForce quantity) {
        EndRange most = most(EndRange.class).orElse(EndRange.SHORT_OF_IT);
        return moving("end." + PlainText.key(most), quantity.circumstance());
    }

    /** One axis is told by what is done on it, a whole joint by its name. */
    private String moving(String key, Circumstance circumstance) {
        String way = PlainWay.of(words, circumstance);
        if (circumstance.motions().size() > 1) {
            Joint joint = circumstance.motions().iterator().next().joint();
            return words.say(key, words.say("joint.verb"), words.say("joint." + PlainText.key(joint)), way);
        }
        PlainMotion move = PlainMotion.of(words, circumstance);
        return words.say(key, move.verb(), move.object(), way);
    }

    @Override
    public String holding(LimbQuantity.Holding quantity) {
        String key = "held." + PlainText.key(quantity.limb()) + "." + PlainText.key(quantity.unit());
        return most(Load.class)
                .filter(load -> load.amount() > 0)
                .map(load -> words.say(key, words.number(load.amount())))
                .orElseGet(() -> words.say(key + NONE));
    }

    @Override
    public String reach(LimbQuantity.Reach quantity) {
        LeverLength most = most(LeverLength.class).orElse(LeverLength.SHORT);
        return words.say("reach." + PlainText.key(quantity.limb()) + "." + PlainText.key(most));
    }

    @Override
    public String handHeight(Quantity.HandHeight quantity) {
        return words.say("height." + PlainText.key(most(ArmHeight.class).orElse(ArmHeight.BELOW_SHOULDER)));
    }

    @Override
    public String straining(LimbQuantity.Straining quantity) {
        return words.say("strain." + PlainText.key(quantity.kind()) + "." + PlainText.key(quantity.limb()) + "."
                + PlainText.key(most(Level.class).orElse(Level.NONE)));
    }

    @Override
    public String contacts(Quantity.Contacts quantity) {
        return counted("contacts");
    }

    @Override
    public String steps(Quantity.Steps quantity) {
        return counted("steps");
    }

    private String counted(String key) {
        return most(Count.class)
                .filter(count -> count.number() > 0)
                .map(count -> words.say(key, words.number(count.number())))
                .orElseGet(() -> words.say(key + NONE));
    }
}
