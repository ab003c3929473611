-- Passkeys, as Spring Security keeps them: user_entity_user_id is the account's id, public keys are no secrets.
create table user_credentials (
    credential_id                varchar(700) character set ascii not null primary key,
    user_entity_user_id          varchar(200) character set ascii not null,
    public_key                   blob          not null,
    signature_count              bigint,
    uv_initialized               boolean,
    backup_eligible              boolean       not null,
    authenticator_transports     varchar(200),
    public_key_credential_type   varchar(100),
    backup_state                 boolean       not null,
    attestation_object           blob,
    attestation_client_data_json blob,
    created                      timestamp     null,
    last_used                    timestamp     null,
    label                        varchar(200)  not null,
    index user_credentials_of (user_entity_user_id)
);
