package waypost.app.account;

import java.time.ZoneId;
import java.util.Collection;
import java.util.UUID;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** Somebody who signed in, with the clinic they work for. */
public record Staff(
        UUID id,
        UUID clinicId,
        String clinicName,
        String zone,
        DateOrder dateOrder,
        String signInName,
        String name,
        StaffRole role,
        String hash)
        implements UserDetails {

    private static final long serialVersionUID = 1L;

    public ZoneId clinicZone() {
        return ZoneId.of(zone);
    }

    public boolean may(Permission permission) {
        return role.permissions().contains(permission);
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return role.permissions().stream()
                .map(permission -> new SimpleGrantedAuthority(permission.name()))
                .toList();
    }

    @Override
    public String getPassword() {
        return hash;
    }

    @Override
    public String getUsername() {
        return signInName;
    }

    /** Leaves the password's hash out of logs. */
    @Override
    public String toString() {
        return "Staff " + id;
    }
}
